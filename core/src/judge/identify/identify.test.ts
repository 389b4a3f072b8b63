import fc from 'fast-check';
import { externalLimits, internalLimits, THREAD_FORMS, THREADS, threadById } from '../../facts/threads/index.ts';
import { identify, turnsToBind, type Evidence } from './index.ts';

const caliper = (mm: number, worn = false): Evidence => ({ kind: 'male-major', mm, halfWidthMm: 0.05, worn });
const over = (pitches: number, overMm: number, halfWidthMm = 0.2): Evidence => ({
  kind: 'pitch',
  overMm,
  pitches,
  halfWidthMm,
});
const first = (evidence: Evidence[]) => identify(evidence).candidates[0]!.thread.id;

test.each([
  ['a worn M8 bolt', [caliper(7.72, true), over(10, 12.45)], 'M8x1.25'],
  ['a 5/16-18 bolt', [caliper(7.86), over(10, 14.1)], '5/16-18'],
  ['M10 against 3/8', [caliper(9.85), over(10, 15.0)], 'M10x1.5'],
  ['3/8-16 by its gauge', [caliper(9.45), { kind: 'threads-per-inch', count: 16 } as Evidence], '3/8-16'],
  ['10-32 against M5', [caliper(4.77), over(10, 7.95)], '10-32'],
  [
    'M6 by its bore and the region',
    [
      { kind: 'bore', mm: 5.05, halfWidthMm: 0.05 } as Evidence,
      { kind: 'made', region: 'metric', year: null } as Evidence,
    ],
    'M6x1',
  ],
])('%s', (_, evidence, id) => {
  expect(first(evidence)).toBe(id);
});

test('a bolt’s diameter alone is not enough for M8 against 5/16, and the pitch would tell them apart', () => {
  const result = identify([caliper(7.87)]);
  expect(result.outcome).toBe('not-enough');
  expect(result.candidates.slice(0, 3).map((row) => row.thread.id)).toEqual(
    expect.arrayContaining(['M8x1.25', '5/16-18']),
  );
  expect(result.separator).toMatchObject({ reading: 'pitch' });
  expect(result.separator!.doubtsApart).toBeGreaterThan(2);
});

test('a pitch over three threads is asked for again over ten', () => {
  const poor = identify([caliper(7.85), over(3, 4.0, 0.3)]);
  expect(poor.outcome).toBe('not-enough');
  expect(poor.separator?.reading).toBe('pitch');
});

test('a class 6g bolt measures under its nominal: 7.88 is M8, and 8.10 is not', () => {
  expect(identify([caliper(7.88), over(10, 12.5)]).outcome).toBe('clear');
  expect(identify([caliper(8.3), over(10, 12.5)], [threadById('M8x1.25')]).candidates[0]!.misfitsMm[0]).toBeCloseTo(
    8.3 - 7.972,
    3,
  );
});

test('nothing held fits: none of these wins and is said', () => {
  expect(identify([caliper(11.1), over(10, 22)]).outcome).toBe('none-of-these');
});

test('an M8 test screw that binds after a few turns in an unknown hole speaks for 5/16-18', () => {
  const binds = turnsToBind(threadById('M8x1.25'), threadById('5/16-18'));
  expect(binds).toBeGreaterThan(0.2);
  expect(binds).toBeLessThan(3);
  expect(turnsToBind(threadById('M8x1.25'), threadById('M8x1.25'))).toBe(Infinity);
  const bore: Evidence = { kind: 'bore', mm: 6.6, halfWidthMm: 0.1 };
  const bound = identify([bore, { kind: 'test-screw', threadId: 'M8x1.25', bindsAfterTurns: 1 }]);
  expect(bound.candidates[0]!.thread.id).toBe('5/16-18');
  expect(
    first([
      { kind: 'bore', mm: 6.75, halfWidthMm: 0.1 },
      { kind: 'test-screw', threadId: 'M8x1.25', bindsAfterTurns: null },
    ]),
  ).toBe('M8x1.25');
});

test('the look-alike is named with its drift over ten turns', () => {
  const { lookAlikes } = identify([caliper(7.88), over(10, 12.5)]);
  const inch = lookAlikes.find((row) => row.thread.id === '5/16-18')!;
  expect(inch.driftOverTenTurnsMm).toBeCloseTo(10 * (25.4 / 18 - 1.25), 3);
});

test('no evidence and nonsense are refused by name', () => {
  expect(() => identify([])).toThrow('case-incomplete');
  expect(() => identify([caliper(NaN)])).toThrow('out-of-range');
  expect(() => identify([over(0, 12)])).toThrow('out-of-range');
  expect(() => identify([{ kind: 'test-screw', threadId: 'M9', bindsAfterTurns: null }])).toThrow('unknown-thread');
});

test('every thread held is found from a good screw of it, or its exact twin is', () => {
  for (const thread of THREADS) {
    const { majorMinMm, majorMaxMm } = externalLimits(thread);
    const found = identify([
      { kind: 'male-major', mm: (majorMinMm + majorMaxMm) / 2, halfWidthMm: 0.02, worn: false },
      over(10, 10 * thread.pitchMm, 0.05),
      { kind: 'taper', seen: thread.taper !== null },
      { kind: 'form-angle', deg: THREAD_FORMS[thread.form].angleDeg },
    ]);
    expect(found.candidates.slice(0, 2).map((row) => row.thread.id)).toContain(thread.id);
  }
});

test('a tighter reading of the true pitch never weakens the true thread', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...THREADS.filter((thread) => thread.majorMm > 5 && thread.majorMm < 20)),
      fc.double({ min: 0.2, max: 1, noNaN: true }),
      (thread, share) => {
        const bore = internalLimits(thread);
        const at = (halfWidthMm: number) =>
          identify([
            { kind: 'bore', mm: (bore.minorMinMm + bore.minorMaxMm) / 2, halfWidthMm: 0.05 },
            over(10, 10 * thread.pitchMm, halfWidthMm),
          ]).candidates.find((row) => row.thread.id === thread.id)?.probability ?? 0;
        expect(at(0.4 * share)).toBeGreaterThanOrEqual(at(0.4) - 1e-9);
      },
    ),
    { numRuns: 50 },
  );
});

test('probabilities sum to one with none of these', () => {
  const all = identify([caliper(7.9)], THREADS);
  const listed = all.candidates.reduce((sum, row) => sum + row.probability, all.noneProbability);
  expect(listed).toBeLessThanOrEqual(1 + 1e-9);
  expect(listed).toBeGreaterThan(0.9);
});

test('the form’s angle and the taper separate what size and pitch cannot', () => {
  const alike = [caliper(9.45), over(10, 15.875, 0.1)];
  expect(first([...alike, { kind: 'form-angle', deg: 60 }])).toBe('3/8-16');
  expect(first([...alike, { kind: 'form-angle', deg: 55 }])).toBe('3/8-16 BSW');
  const pipe = [caliper(20.8), over(10, 18.14, 0.1)];
  expect(first([...pipe, { kind: 'taper', seen: true }])).toMatch(/^R1\/2|NPT$/);
  expect(first([...pipe, { kind: 'taper', seen: false }])).toBe('G1/2');
  expect(identify(pipe).separator).not.toBeNull();
});

test('an old British machine has Whitworth where an American one has unified', () => {
  const bolt = [caliper(9.45), over(10, 15.875, 0.1)];
  expect(first([...bolt, { kind: 'made', region: 'britain', year: 1938 }])).toBe('3/8-16 BSW');
  expect(first([...bolt, { kind: 'made', region: 'north-america', year: 1960 }])).toBe('3/8-16');
  expect(() => identify([...bolt, { kind: 'made', region: 'britain', year: 12 }])).toThrow('out-of-range');
});

test('a left-hand screw is named with its hand', () => {
  expect(first([caliper(7.88), over(10, 12.5), { kind: 'hand', hand: 'left' }])).toBe('M8x1.25 LH');
});
