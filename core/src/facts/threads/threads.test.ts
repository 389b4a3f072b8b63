import { mmToInch } from '../../basis/units/index.ts';
import { roundTo } from '../../basis/numeric/index.ts';
import {
  classesOf,
  explainThreadProblem,
  externalLimits,
  internalLimits,
  parseThread,
  threadById,
  threadGeometry,
  THREADS,
} from './index.ts';
import { customThread } from './custom.ts';

// ISO 965-1, 6g: major and pitch limits of the screw.
test.each([
  ['M6x1', 5.794, 5.974, 5.212, 5.324],
  ['M8x1.25', 7.76, 7.972, 7.042, 7.16],
  ['M10x1.5', 9.732, 9.968, 8.862, 8.994],
  ['M12x1.75', 11.701, 11.966, 10.679, 10.829],
  ['M16x2', 15.682, 15.962, 14.503, 14.663],
])('6g of %s', (id, majorMin, majorMax, pitchMin, pitchMax) => {
  const limits = externalLimits(threadById(id));
  expect([limits.majorMinMm, limits.majorMaxMm, limits.pitchMinMm, limits.pitchMaxMm]).toEqual([
    majorMin,
    majorMax,
    pitchMin,
    pitchMax,
  ]);
});

// ASME B1.1, 2B: minor to 0.001 in, pitch to 0.0001 in.
test.each([
  ['4-40', 0.0849, 0.0939, 0.0958, 0.0991],
  ['6-32', 0.104, 0.114, 0.1177, 0.1214],
  ['8-32', 0.13, 0.139, 0.1437, 0.1475],
  ['10-24', 0.145, 0.156, 0.1629, 0.1672],
  ['10-32', 0.156, 0.164, 0.1697, 0.1736],
  ['1/4-20', 0.196, 0.207, 0.2175, 0.2224],
  ['5/16-18', 0.252, 0.265, 0.2764, 0.2817],
  ['3/8-16', 0.307, 0.321, 0.3344, 0.3401],
  ['1/2-13', 0.417, 0.434, 0.45, 0.4565],
  ['5/8-11', 0.527, 0.546, 0.566, 0.5732],
])('2B of %s', (id, minorMin, minorMax, pitchMin, pitchMax) => {
  const limits = internalLimits(threadById(id));
  const inches = [limits.minorMinMm, limits.minorMaxMm, limits.pitchMinMm, limits.pitchMaxMm].map((mm) =>
    roundTo(mmToInch(mm), 4),
  );
  expect(inches).toEqual([minorMin, minorMax, pitchMin, pitchMax]);
});

// ASME B1.1, 2A: major and pitch limits of the screw.
test.each([
  ['1/4-20', 0.2408, 0.2489, 0.2127, 0.2164],
  ['3/8-16', 0.3643, 0.3737, 0.3287, 0.3331],
  ['1/2-13', 0.4876, 0.4985, 0.4435, 0.4485],
])('2A of %s', (id, ...printed) => {
  const limits = externalLimits(threadById(id));
  const inches = [limits.majorMinMm, limits.majorMaxMm, limits.pitchMinMm, limits.pitchMaxMm].map((mm) =>
    roundTo(mmToInch(mm), 4),
  );
  expect(inches).toEqual(printed);
});

// ISO 965-1, other classes: minor and pitch of the internal thread.
test.each([
  ['M8x1.25', '4H', 6.817, 7.288],
  ['M8x1.25', '5H', 6.859, 7.313],
  ['M8x1.25', '7H', 6.982, 7.388],
  ['M10x1.5', '5H', 8.612, 9.166],
  ['M6x1', '7H', 5.217, 5.54],
  ['M36x4', '6H', 32.27, 33.702],
  ['M30x3.5', '6H', 26.771, 28.007],
  ['M2x0.4', '6H', 1.679, 1.83],
] as const)('%s %s reaches minor %d and pitch %d', (id, tolerance, minorMax, pitchMax) => {
  const limits = internalLimits(threadById(id), tolerance);
  expect([limits.minorMaxMm, limits.pitchMaxMm]).toEqual([minorMax, pitchMax]);
});

// ASME B1.1: 1B, 3B, 3A, and the extra-fine series whose tolerance is made for nine pitches.
test.each([
  ['1/4-20', '1B', 0.196, 0.207, 0.2175, 0.2248],
  ['1/4-20', '3B', 0.1959, 0.2067, 0.2175, 0.2211],
  ['1/2-13', '3B', 0.4167, 0.4284, 0.45, 0.4548],
  ['1/4-32', '2B', 0.216, 0.224, 0.2297, 0.2339],
] as const)('%s %s', (id, tolerance, ...printed) => {
  const limits = internalLimits(threadById(id), tolerance);
  const inches = [limits.minorMinMm, limits.minorMaxMm, limits.pitchMinMm, limits.pitchMaxMm];
  expect(inches.map((mm) => roundTo(mmToInch(mm), 4))).toEqual(printed);
});

test('6h and 3A have no allowance; a class of the other system is refused with what there is', () => {
  expect(externalLimits(threadById('M8x1.25'), '6h').majorMaxMm).toBe(8);
  expect(externalLimits(threadById('1/4-20'), '3A').majorMaxMm).toBeCloseTo(6.35, 9);
  expect(() => internalLimits(threadById('M8x1.25'), '2B')).toThrow('unknown-tolerance');
  expect(() => externalLimits(threadById('1/4-20'), '6g')).toThrow('unknown-tolerance');
  expect(() => internalLimits(threadById('M2x0.4'), '7H')).toThrow('unknown-tolerance');
});

test('every thread has a unique id that reads back, limits in order, and a hand', () => {
  expect(new Set(THREADS.map((thread) => thread.id)).size).toBe(THREADS.length);
  for (const thread of THREADS) {
    const left = parseThread(`${thread.id} LH`);
    expect(left.ok && [left.thread.id, left.thread.hand]).toEqual([`${thread.id} LH`, 'left']);
    const inside = internalLimits(thread);
    const outside = externalLimits(thread);
    const ascending = [inside.minorMinMm, inside.minorMaxMm, inside.pitchMinMm, inside.pitchMaxMm, thread.majorMm];
    expect([...ascending].sort((a, b) => a - b)).toEqual(ascending);
    if (thread.taper === null) expect(outside.pitchMaxMm).toBeLessThan(inside.pitchMinMm + 1e-9);
    expect(threadById(thread.id)).toEqual(thread);
    expect([classesOf(thread).internal[0], classesOf(thread).external[0]]).toEqual([
      inside.tolerance,
      outside.tolerance,
    ]);
  }
});

test.each([
  ['M8', 'M8x1.25'],
  ['m10 x 1', 'M10x1'],
  ['M12×1.25', 'M12x1.25'],
  ['#10-32', '10-32'],
  ['3/8-16 UNC', '3/8-16'],
  ['1/4 UNF', '1/4-28'],
  ['.250-20', '1/4-20'],
  ['1/2"-13 UNC-2B', '1/2-13'],
  ['1 1/8-7', '1 1/8-7'],
  ['1-1/8-12 UNF', '1 1/8-12'],
  ['0-80', '0-80'],
  ['M1.6', 'M1.6x0.35'],
  ['3/8 UNEF', '3/8-32'],
  ['1/2-16 UN', '1/2-16'],
  ['3/8-16 UN', '3/8-16'],
  ['1/4 BSW', '1/4-20 BSW'],
  ['1/4-26 BSF', '1/4-26 BSF'],
  ['1/4-26 cei', '1/4-26 cycle'],
  ['1/4-32 ME', '1/4-32 ME'],
  ['Pg 13,5', 'Pg13.5'],
  ['1 1/8-4 acme', 'custom 28.575x6.35 29'],
  ['Tr 45x8', 'custom 45x8 30'],
  ['unf 3/8-24', '3/8-24'],
  ['3/8 whit LH', '3/8-16 BSW LH'],
  ['2BA', '2 BA'],
  ['BA 4', '4 BA'],
  ['G1/2', 'G1/2'],
  ['1/2 BSPP', 'G1/2'],
  ['R 3/8', 'R3/8'],
  ['Rc1/4', 'R1/4'],
  ['1/4 NPT', '1/4-18 NPT'],
  ['1-11.5 NPT', '1-11.5 NPT'],
  ['1/2-10 Acme', '1/2-10 Acme'],
  ['Acme 1/2', '1/2-10 Acme'],
  ['Tr40x7', 'Tr40x7'],
  ['Tr 40 x 14 P7', 'Tr40x7 2-start'],
  ['Tr40x14(P7) LH', 'Tr40x7 2-start LH'],
  ['M12x1 3-start', 'M12x1 3-start'],
  ['custom 14.2 x 1.3 55', 'custom 14.2x1.3 55'],
  ['custom .5 in x 13 tpi 60 LH', 'custom 12.7x1.95385 60 LH'],
  ['square 25 x 5', 'custom 25x5 square'],
  ['M25x1.5', 'M25x1.5'],
  ['M8 6H', 'M8x1.25'],
])('reads %s', (text, id) => {
  const result = parseThread(text);
  expect(result.ok && result.thread.id).toBe(id);
});

test.each([
  ['M8x', { code: 'incomplete', examples: ['M8x1.25', 'M8x1', 'M8x0.75'] }],
  ['3/8-', { code: 'incomplete', examples: ['3/8-16', '3/8-24', '3/8-32'] }],
  ['M8x1.1', { code: 'not-held', nearest: ['M8x1.25', 'M8x1', 'M8x0.75'] }],
  ['M9', { code: 'incomplete', examples: ['M9x1.25', 'M9x1'] }],
  ['M13', { code: 'not-held' }],
  ['1/4-26', { code: 'not-held', nearest: ['1/4-26 BSF', '1/4-26 cycle', '1/4-26 brass'] }],
  ['12 BA', { code: 'not-held' }],
  ['Tr40x10 P7', { code: 'not-held' }],
  ['custom 14', { code: 'incomplete' }],
  ['custom 5 x 4 60', { code: 'impossible' }],
  ['square 900 x 5', { code: 'impossible' }],
  ['hello', { code: 'not-a-thread' }],
  ['', { code: 'empty' }],
  ['M'.repeat(10_000), { code: 'too-long', characters: 10_000 }],
])('refuses %.8s', (text, problem) => {
  const result = parseThread(text);
  expect(result.ok ? null : result.problem).toMatchObject(problem);
  expect(result.ok ? '' : explainThreadProblem(result.problem)).not.toBe('');
});

// ASME B1.20.1 and ISO 7-1: a taper thread's span runs along the taper, 1 in 16.
test('a taper pipe thread spans its gauge length', () => {
  const half = threadById('R1/2');
  const { majorMinMm, majorMaxMm } = externalLimits(half);
  expect(half.majorMm - majorMinMm).toBeCloseTo(8.2 / 16, 9);
  expect(majorMaxMm - half.majorMm).toBeCloseTo((13.2 - 8.2) / 16, 9);
});

// ISO 228-1, BS 84 medium nut, BS 93: limits beside the basic sizes.
test.each<[string, number, number, number, number]>([
  ['G1/8', 8.566, 8.848, 9.147, 9.254],
  ['G1/2', 18.631, 19.172, 19.793, 19.935],
  ['1/4-20 BSW', 4.7244, 5.1562, 5.5372, 5.6363],
  ['2 BA', 3.73, 4.034, 4.215, 4.342],
  ['Tr40x7', 33, 33.56, 36.5, 36.97],
])('limits of %s', (id, ...printed) => {
  const limits = internalLimits(threadById(id));
  const actual = [limits.minorMinMm, limits.minorMaxMm, limits.pitchMinMm, limits.pitchMaxMm];
  actual.forEach((value, index) => expect(Math.abs(value - (printed as number[])[index]!)).toBeLessThan(0.0025));
});

test('more starts make the lead and the helix, not the profile', () => {
  const one = threadGeometry(threadById('Tr40x7'));
  const two = threadGeometry(threadById('Tr40x7 2-start'));
  expect(two.leadMm).toBe(14);
  expect(two.helixAngleDeg).toBeGreaterThan(1.9 * one.helixAngleDeg);
  expect(two.minorInternalMm).toBe(one.minorInternalMm);
  expect(() => threadById('Tr40x7 9-start')).toThrow('unknown-thread');
});

test('a custom 60° thread has the limits of a unified special, and no impossible one is made', () => {
  const special = customThread({ majorMm: 12.7, pitchMm: 25.4 / 16, form: 'iso-60' });
  expect(internalLimits(special).minorMinMm).toBeCloseTo(internalLimits(threadById('1/2-16')).minorMinMm, 2);
  expect(internalLimits(special).source).toMatch(/special/);
  expect(() => customThread({ majorMm: 5, pitchMm: 4, form: 'iso-60' })).toThrow('out-of-range');
  expect(() => customThread({ majorMm: NaN, pitchMm: 1, form: 'square' })).toThrow('out-of-range');
});
