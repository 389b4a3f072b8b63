import { PLANNER_TOPICS } from '@deep-mend/contract/planner';
import { createInterface } from 'node:readline';
import { z } from 'zod';
import { answerLine, isTopic } from './answer.ts';
import { headlessMarkdown } from './markdown.ts';

function help(): string {
  const topics = Object.entries(PLANNER_TOPICS).map(
    ([name, topic]) => `  ${name.padEnd(10)} ${topic.summary}\n             ${JSON.stringify(topic.example)}`,
  );
  return `Deep Mend, headless: JSON lines in, JSON lines out, one request a line.

  npm run -s mend -- <topic> < requests.jsonl > replies.jsonl
  npm run -s mend -- <topic> --schema      the JSON Schema of a request

Topics, each with an example request:
${topics.join('\n')}

A bad line gives {"line":n,"error":{…}} and the run goes on. Lengths are millimetres unless a text says otherwise.`;
}

async function main(args: string[]): Promise<number> {
  const [topic, flag] = args;
  if (topic === undefined || topic === '--help' || topic === '-h') {
    console.log(help());
    return topic === undefined ? 2 : 0;
  }
  if (topic === '--markdown') {
    process.stdout.write(headlessMarkdown());
    return 0;
  }
  if (!isTopic(topic)) {
    console.error(`There is no topic “${topic}”. There are: ${Object.keys(PLANNER_TOPICS).join(', ')}.`);
    return 2;
  }
  if (flag === '--schema') {
    console.log(JSON.stringify(z.toJSONSchema(PLANNER_TOPICS[topic].input, { io: 'input' }), null, 2));
    return 0;
  }
  let line = 0;
  for await (const text of createInterface({ input: process.stdin, crlfDelay: Infinity })) {
    line += 1;
    if (text.trim() === '') continue;
    const { reply } = answerLine(topic, text, line);
    // Wait when the reader is slower than we are, so that memory does not grow with the input.
    if (!process.stdout.write(`${JSON.stringify(reply)}\n`))
      await new Promise((resolve) => process.stdout.once('drain', resolve));
  }
  return 0;
}

process.exitCode = await main(process.argv.slice(2));
