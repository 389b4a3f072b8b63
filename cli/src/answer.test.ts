import { PLANNER_TOPICS, type PlannerTopic } from '@deep-mend/contract/planner';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { answerLine } from './answer.ts';
import { headlessMarkdown } from './markdown.ts';

const topics = Object.keys(PLANNER_TOPICS) as PlannerTopic[];
const ask = (topic: PlannerTopic, request: unknown) => answerLine(topic, JSON.stringify(request), 1);

test.each(topics)('the example of %s is answered', (topic) => {
  const { ok, reply } = ask(topic, PLANNER_TOPICS[topic].example);
  expect([ok, Object.keys(reply).length > 0]).toEqual([true, true]);
});

test.each([
  [
    'thread',
    { thread: 'M8' },
    { tapDrill: { drill: { id: '6.8 mm' } }, internal: { minorMaxMm: 6.912 }, coil: { minorMinMm: 8.271 } },
  ],
  [
    'drill',
    { thread: '3/8-16', drill: '11/32' },
    { judgement: 'refused-thin', suits: [{ thread: '3/8-32' }, { thread: '3/8-24' }] },
  ],
  ['limits', { thread: 'M10', internal: '6H' }, { internal: { minorMinMm: 8.376, minorMaxMm: 8.676 } }],
  [
    'depth',
    { thread: '5/16-18', cylinderMm: 17, wantedFullThreadMm: 13.3 },
    { last: { leadThreads: 1, chipRoom: false } },
  ],
  ['positions', { find: 'centre-distance', over: 'outside', readMm: 58, d1Mm: 8, d2Mm: 8 }, { centreDistanceMm: 50 }],
] as const)('%s gives the known numbers', (topic, request, expected) => {
  expect(ask(topic, request).reply).toMatchObject(expected);
});

test('prove: a bore of 45 % of thread fails though a good screw runs in; what is not done is named', () => {
  const { reply } = ask('prove', PLANNER_TOPICS.prove.example) as {
    reply: { proofs: { id: string; state: string }[] };
  };
  expect(reply).toMatchObject({ standing: 'failed', wants: ['bore'] });
  const states = Object.fromEntries(reply.proofs.map(({ id, state }) => [id, state]));
  expect(states).toMatchObject({ bore: 'failed', screw: 'passed', square: 'not-done', gauge: 'open' });
  expect(ask('prove', { ...PLANNER_TOPICS.prove.example, results: [{ id: 'bore', inches: 0.3 }] }).ok).toBe(false);
});

test('no reply holds a token or a fact in place of a sentence', () => {
  for (const topic of topics)
    expect(JSON.stringify(ask(topic, PLANNER_TOPICS[topic].example).reply)).not.toContain('⟦');
  const [first] = (
    ask('routes', PLANNER_TOPICS.routes.example).reply as { routes: { checks: { because: string }[] }[] }
  ).routes;
  expect(first!.checks.map((check) => check.because)).toContain('8.3 mm: within the insert thread’s limits');
});

test.each([
  ['drill', 'not json', 'not-json'],
  ['drill', '{}', 'shape'],
  ['drill', '{"thread":"M8","colour":"red"}', 'shape'],
  ['drill', '{"thread":"M8x"}', 'refused'],
  ['drill', '{"thread":"M8","drill":"1/0"}', 'refused'],
  ['limits', '{"thread":"M8","internal":"2B"}', 'unknown-tolerance'],
  ['identify', '{"evidence":[{"kind":"test-screw","threadId":"M9","bindsAfterTurns":null}]}', 'unknown-thread'],
  ['positions', '{"find":"centre-distance","over":"outside","readMm":5,"d1Mm":8,"d2Mm":8}', 'out-of-range'],
] as const)('%s refuses %s with its line', (topic, text, code) => {
  expect(answerLine(topic, text, 7)).toMatchObject({ ok: false, reply: { line: 7, error: { code } } });
});

test('docs/headless.md is what the contract says now (npm run -s mend -- --markdown > docs/headless.md)', () => {
  expect(readFileSync(join(__dirname, '../../docs/headless.md'), 'utf8')).toBe(headlessMarkdown());
});
