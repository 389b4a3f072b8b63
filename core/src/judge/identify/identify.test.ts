import fc from 'fast-check';
import { externalLimits, internalLimits, THREAD_FORMS, THREADS, threadById } from '../../facts/threads/index.ts';
import { SAY } from '../../basis/units/index.ts';
import { againstWords, findingNotes, identify, separatorWords, turnsToBind, type Evidence } from './index.ts';

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
  expect(listed).toBeGreaterThan(0.85);
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

test('a left-hand screw is named with its hand; a test screw says which hand the hole has', () => {
  expect(first([caliper(7.88), over(10, 12.5), { kind: 'hand', hand: 'left' }])).toBe('M8x1.25 LH');
  const bore: Evidence = { kind: 'bore', mm: 6.75, halfWidthMm: 0.1 };
  expect(first([bore, { kind: 'test-screw', threadId: 'M8x1.25 LH', bindsAfterTurns: null }])).toBe('M8x1.25 LH');
  // One that does not start speaks against its own thread, and proves nothing alone.
  const shut = identify([bore, { kind: 'test-screw', threadId: 'M8x1.25', bindsAfterTurns: 0 }]);
  expect(shut.outcome).toBe('not-enough');
  expect(shut.candidates.map(({ thread }) => thread.id)).toContain('M8x1.25 LH');
});

const blade = (deg: number): Evidence => ({ kind: 'form-angle', deg });
const gauge = (count: number): Evidence => ({ kind: 'threads-per-inch', count });

// What was said wrongly once: the outcome, the first, and what is said.
test.each<[string, Evidence[], { outcome: string; first?: string; against?: RegExp; asRead?: string }]>([
  ['7.88 and 26 tpi: M8x1 or a cycle thread', [caliper(7.88), gauge(26)], { outcome: 'not-enough' }],
  ['7.88, 26 tpi and a 55° blade', [caliper(7.88), gauge(26), blade(55)], { outcome: 'clear', first: '5/16-26 brass' }],
  [
    'half an inch, 12 tpi and 60°: not BSW',
    [caliper(12.6), gauge(12), blade(60)],
    { outcome: 'none-of-these', against: /angle: it is about 5 times/, asRead: 'custom 12.6x2.117 60' },
  ],
  [
    'the same by eye',
    [caliper(12.6), gauge(12), { ...blade(60), by: 'eye' } as Evidence],
    { outcome: 'clear', first: '1/2-12 BSW' },
  ],
  [
    'a square 16 × 2',
    [caliper(16), over(10, 20), blade(0)],
    { outcome: 'none-of-these', against: /angle/, asRead: 'custom 16x2 square' },
  ],
  [
    'a 3/8-16 hole in which an M10 binds at half a turn',
    [
      { kind: 'bore', mm: 7.95, halfWidthMm: 0.05 },
      { kind: 'test-screw', threadId: 'M10x1.5', bindsAfterTurns: 0.5 },
    ],
    { outcome: 'not-enough', first: '3/8-16' },
  ],
  ['a steel conduit nipple', [caliper(20.35), gauge(18), blade(80)], { outcome: 'clear', first: 'Pg13.5' }],
  [
    'a hydraulic port',
    [{ kind: 'bore', mm: 25, halfWidthMm: 0.1 }, gauge(12)],
    { outcome: 'clear', first: '1 1/16-12' },
  ],
  ['a screw too large by a lot', [caliper(8.3), over(10, 12.5)], { outcome: 'none-of-these' }],
])('said right: %s', (_name, evidence, wanted) => {
  const found = identify(evidence);
  expect(found.outcome).toBe(wanted.outcome);
  if (wanted.first) expect(found.candidates[0]!.thread.id).toBe(wanted.first);
  if (wanted.against) expect(againstWords(found, evidence)).toMatch(wanted.against);
  expect(found.asRead?.id).toBe(wanted.asRead);
  // What is contradicted is not believed: the share goes to none of these.
  if (wanted.outcome === 'none-of-these') expect(found.noneProbability).toBeGreaterThan(0.9);
});

test('a candidate that a reading contradicts by more than three doubts is never clear', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...THREADS),
      fc.constantFrom(0, 29, 47.5, 55, 60, 80),
      fc.double({ min: -0.4, max: 0.4, noNaN: true }),
      (thread, deg, off) => {
        const found = identify([caliper(thread.majorMm + off), over(10, 10 * thread.pitchMm), blade(deg)]);
        if (found.outcome === 'clear') expect(found.candidates[0]!.against).toBeNull();
      },
    ),
    { numRuns: 60 },
  );
});

test('bands that overlap part nothing: UNC and BSW by the angle, a close pitch over as many turns as settle it', () => {
  const twins = identify([caliper(9.45), gauge(16)]);
  expect(
    twins.candidates
      .slice(0, 2)
      .map(({ thread }) => thread.id)
      .sort(),
  ).toEqual(['3/8-16', '3/8-16 BSW']);
  expect(twins.separator).toMatchObject({ reading: 'form-angle', doubtsApart: 5 });
  // Twins of one size, pitch and angle: nothing parts them, and nothing is asked for.
  expect(identify([caliper(12.6), gauge(20)], ['1/2-20', '1/2-20 cycle'].map(threadById)).separator).toBeNull();
  const near = [caliper(7.88), over(3, 3, 0.3)];
  const found = identify(near, ['M8x1', '5/16-26 cycle'].map(threadById));
  expect(found.separator).toMatchObject({ reading: 'pitch' });
  const { pitches, first: a, second: b } = found.separator!;
  expect(pitches! * Math.abs(a - b)).toBeGreaterThanOrEqual(2 * 0.3 - 1e-9);
  expect(separatorWords(found, SAY.mm)).toMatch(new RegExp(`^Measure ${pitches} pitches`));
  expect(findingNotes(found, near, SAY.mm)[0]).toMatch(/^Pitch read: 1 mm ± 100 µm, 25.4 ± 2.5 threads per inch/);
});

test('a taper and a parallel pipe thread are said not to be interchangeable, and how each seals', () => {
  const pipe = [caliper(20.8), over(10, 18.14, 0.1)];
  const words = findingNotes(identify(pipe), pipe, SAY.mm).join(' ');
  expect(words).toMatch(/not interchangeable.*splits it/);
  expect(words).toMatch(/G 1\/2 seals on a washer or a face/);
  expect(words).toMatch(/R 1\/2 seals on the thread/);
});
