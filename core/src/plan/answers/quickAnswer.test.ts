import { FULL_RACK } from '../../facts/drills/index.ts';
import { DEFAULT_HOUSE_RULES } from '../../judge/hole/index.ts';
import { CHART_SHEETS, drillChart, quickAnswer, QUICK_EXAMPLES, threadChart } from './index.ts';

const shop = { units: 'mm', rack: FULL_RACK, rules: DEFAULT_HOUSE_RULES } as const;

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

test.each(QUICK_EXAMPLES)('the line’s own example “%s” is answered', (text) => {
  expect(['nothing', 'incomplete', 'not-understood']).not.toContain(quickAnswer(text, shop).kind);
});

test('a material moves the share and leans to a side; a depth moves it further', () => {
  const card = (text: string) => {
    const answer = quickAnswer(text, shop);
    if (answer.kind !== 'thread') throw new Error(answer.kind);
    return answer;
  };
  expect(card('M6 in 316').tapDrill.targetShare).toBe(0.63);
  expect(card('M6 in 316, 12 deep').tapDrill.targetShare).toBe(0.63);
  expect(card('M6 in 316').tapDrill.direction!.because).toBe('tough');
  expect(card('M3 in stainless').notes.join()).toMatch(/leave 46 %/);
  expect(card('Tr40x7').notes.join()).toMatch(/tandem tap goes through and is never reversed/);
  expect(card('square 40 x 7').notes.join()).toMatch(/Tr 40 × 7.*half-nuts/);
  expect(card('1/4 NPT').tapDrill.best).toBeNull();
  expect(card('1/4 NPT').notes.join()).toMatch(/never mended as if it were parallel/);
});

test('two threads and two drills side by side', () => {
  const alike = quickAnswer('M8 vs 5/16-18', shop);
  if (alike.kind !== 'compare-threads') throw new Error(alike.kind);
  expect(alike.driftOverTenTurnsMm).toBeCloseTo(1.611, 3);
  expect(alike.verdict).toMatch(/Look-alikes/);
  expect(quickAnswer('3/8-16 or 3/8 BSW', shop)).toMatchObject({ verdict: expect.stringMatching(/60° against 55°/) });
  expect(quickAnswer('M8 vs M20', shop)).toMatchObject({ verdict: expect.stringMatching(/Too far apart/) });
  expect(quickAnswer('M8 vs M8 LH', shop)).toMatchObject({ verdict: expect.stringMatching(/winds left/) });
  const drills = quickAnswer('21/64 vs 8.3 mm', shop);
  expect(drills.kind === 'compare-drills' && drills.rows.map((row) => row.thread.id)).toContain('3/8-24');
});

test('a drill that suits another thread of the same diameter says which', () => {
  const answer = quickAnswer('3/8-16 on 11/32', shop);
  if (answer.kind !== 'figures') throw new Error(answer.kind);
  expect(Math.round(1000 * answer.figures[0]!.value!)).toBe(385);
  expect(answer.notes.join(' ')).toMatch(/do not tap it as 3\/8-16 UNC.*it is the bore for 3\/8-32 UNEF/);
  expect(quickAnswer('M8 on cheese', shop).kind).toBe('incomplete');
});

test.each([
  ['coil M8', 'insert', 8.3, 1],
  ['depth 17 5/16-18', 'depth', 8.53, 2],
  ['M8 blind 20', 'depth', 12.5, 2],
  ['speed 8 in grey iron', 'speed', 995, 0],
  ['torque M8 25 Nm', 'torque', 15625, 0],
  ['torque 3/8-16 grade 5', 'torque', 21970, -1],
  ['centres 58 over 8 and 8', 'centres', 50, 6],
  ['centres 42 between two 8', 'centres', 50, 6],
] as const)('“%s” is answered as %s with %d first', (text, topic, value, decimals) => {
  const answer = quickAnswer(text, shop);
  if (answer.kind !== 'figures') throw new Error(answer.kind);
  expect(answer.topic).toBe(topic);
  expect(Math.abs(answer.figures[0]!.value! - value)).toBeLessThan(0.6 * 10 ** -decimals);
  expect(answer.workings[0]!.source).not.toBe('');
});

test.each([
  'coil',
  'coil 2BA',
  'depth M8',
  'speed 8.5 in cheese',
  'torque M8',
  'torque M8 0 Nm',
  'centres 5 over 8 and 8',
  'M8 vs 8.5',
])('“%s” says what is missing, with an example', (text) => {
  expect(quickAnswer(text, shop)).toMatchObject({ kind: 'incomplete', because: expect.stringMatching(/\w/) });
});

test('hostile texts are refused, never thrown', () => {
  for (const text of [
    '9'.repeat(10_000),
    '1/0',
    '-3',
    'M8x0',
    '∞',
    '; drop table',
    'vs',
    'M8 vs',
    'depth',
    'in in in',
  ]) {
    expect(['incomplete', 'not-understood']).toContain(quickAnswer(text, shop).kind);
  }
});

test('the shop’s own charts hold every thread of the sheet with a drill from its rack', () => {
  for (const { id } of CHART_SHEETS) {
    const rows = threadChart(id, shop);
    expect(rows.length).toBeGreaterThan(5);
    for (const row of rows) expect(row.minorMaxMm).toBeGreaterThan(row.minorMinMm);
  }
  const m8 = threadChart('metric-coarse', shop).find((row) => row.thread.id === 'M8x1.25')!;
  expect([m8.tapDrill!.drill.id, m8.normalMm, m8.coilBoreMm]).toEqual(['6.8 mm', 9, 8.271]);
  const small = { ...shop, rack: { setIds: ['letter' as const], missingIds: ['Q'] } };
  expect(drillChart(small)).toHaveLength(25);
  expect(
    drillChart(small)
      .find((row) => row.drill.id === 'F')!
      .taps.map((row) => row.thread.id),
  ).toContain('5/16-18');
});
