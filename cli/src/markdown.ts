import { PLANNER_TOPICS } from '@deep-mend/contract/planner';
import { z } from 'zod';
import { answerLine } from './answer.ts';
import type { PlannerTopic } from '@deep-mend/contract/planner';

/** Keeps an example reply readable: long lists are cut and say so. */
function shortened(value: unknown): unknown {
  if (Array.isArray(value)) {
    const shown = value.slice(0, 2).map(shortened);
    return value.length > 2 ? [...shown, `… ${value.length - 2} more`] : shown;
  }
  if (typeof value === 'number') return Number(value.toPrecision(6));
  if (value !== null && typeof value === 'object') {
    return Object.fromEntries(
      Object.entries(value).map(([key, item]) => [key, key === 'working' ? '…' : shortened(item)]),
    );
  }
  return value;
}

/** docs/headless.md, made from the contract so that it can not go stale; a test compares. */
export function headlessMarkdown(): string {
  const sections = (Object.keys(PLANNER_TOPICS) as PlannerTopic[]).map((name) => {
    const topic = PLANNER_TOPICS[name];
    const schema = JSON.stringify(z.toJSONSchema(topic.input, { io: 'input' }), null, 2);
    const reply = JSON.stringify(shortened(answerLine(name, JSON.stringify(topic.example), 1).reply), null, 2);
    return `## ${name}

${topic.summary[0]!.toUpperCase()}${topic.summary.slice(1)}.

\`\`\`sh
echo '${JSON.stringify(topic.example)}' | npm run -s mend -- ${name}
\`\`\`

<details><summary>Reply (long lists cut)</summary>

\`\`\`json
${reply}
\`\`\`

</details>
<details><summary>JSON Schema of a request</summary>

\`\`\`json
${schema}
\`\`\`

</details>
`;
  });
  return `# The headless planner

JSON lines in, JSON lines out, one request a line, no database: for bulk work, and for anyone who wants to check us.

\`\`\`sh
npm run -s mend -- <topic> < requests.jsonl > replies.jsonl
npm run -s mend -- <topic> --schema
npm run -s mend -- --help
\`\`\`

A bad line gives \`{"line": n, "error": {"code", "message", "field"}}\` and the run goes on. Lengths in fields that end in
\`Mm\` are millimetres; a length as text may carry its unit. This page is made by \`npm run -s mend -- --markdown\`.

${sections.join('\n')}`;
}
