import { FULL_RACK } from '../../facts/drills/index.ts';
import { quickAnswer } from './index.ts';

const shop = { bareUnit: 'mm', rack: FULL_RACK } as const;

test.each([
  ['M8', 'M8x1.25', '6.8 mm'],
  ['3/8-16', '3/8-16', '5/16 in'],
  ['M10x1', 'M10x1', '9 mm'],
])('%s answers with its card and tap drill', (text, id, drill) => {
  const answer = quickAnswer(text, shop);
  expect(answer.kind === 'thread' && [answer.thread.id, answer.tapDrill.best?.drill.id]).toEqual([id, drill]);
});

test.each([
  ['27/64', 10.715625, '27/64 in', '1/2-13'],
  ['#7', 5.1054, '#7', '1/4-20'],
  ['Q', 8.4328, 'Q', 'M10x1.5'],
  ['8.5', 8.5, '8.5 mm', 'M10x1.5'],
])('%s answers as a drill', (text, mm, exact, suits) => {
  const answer = quickAnswer(text, shop);
  if (answer.kind !== 'drill') throw new Error(answer.kind);
  expect(answer.diameterMm).toBeCloseTo(mm, 6);
  expect(answer.exact?.id).toBe(exact);
  expect(answer.taps.map((row) => row.thread.id)).toContain(suits);
});

test('a drill of the screw’s body size says so; nonsense says what was read', () => {
  const body = quickAnswer('8 mm', shop);
  expect(body.kind === 'drill' && body.bodyOf.map((thread) => thread.id)).toContain('M8x1.25');
  expect(quickAnswer('M8x', shop)).toMatchObject({ kind: 'not-understood', threadProblem: { code: 'incomplete' } });
  expect(quickAnswer('  ', shop).kind).toBe('nothing');
});
