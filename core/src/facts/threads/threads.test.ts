import { mmToInch } from '../../basis/units/index.ts';
import { roundTo } from '../../basis/numeric/index.ts';
import { externalLimits, internalLimits, parseThread, threadById, threadGeometry, THREADS } from './index.ts';

// Published rows: minor and pitch limits of the internal thread. ISO 965-1 / ISO 724 in mm.
test.each([
  ['M3x0.5', 2.459, 2.599, 2.675, 2.775],
  ['M4x0.7', 3.242, 3.422, 3.545, 3.663],
  ['M5x0.8', 4.134, 4.334, 4.48, 4.605],
  ['M6x1', 4.917, 5.153, 5.35, 5.5],
  ['M8x1.25', 6.647, 6.912, 7.188, 7.348],
  ['M8x1', 6.917, 7.153, 7.35, 7.5],
  ['M10x1.5', 8.376, 8.676, 9.026, 9.206],
  ['M10x1.25', 8.647, 8.912, 9.188, 9.348],
  ['M12x1.75', 10.106, 10.441, 10.863, 11.063],
  ['M12x1.25', 10.647, 10.912, 11.188, 11.368],
  ['M14x1.5', 12.376, 12.676, 13.026, 13.216],
  ['M16x2', 13.835, 14.21, 14.701, 14.913],
  ['M20x2.5', 17.294, 17.744, 18.376, 18.6],
  ['M24x3', 20.752, 21.252, 22.051, 22.316],
])('6H of %s', (id, minorMin, minorMax, pitchMin, pitchMax) => {
  const { minorMinMm, minorMaxMm, pitchMinMm, pitchMaxMm } = internalLimits(threadById(id));
  expect([minorMinMm, minorMaxMm, pitchMinMm, pitchMaxMm]).toEqual([minorMin, minorMax, pitchMin, pitchMax]);
});

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
  ['4-40', 0.085, 0.094, 0.0958, 0.0991],
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

test.each([
  ['M8x1.25', 36.6],
  ['M10x1.5', 58.0],
  ['M12x1.75', 84.3],
  ['M16x2', 157],
])('tensile area of %s, mm²', (id, area) => {
  expect(Number(threadGeometry(threadById(id)).tensileAreaMm2.toPrecision(3))).toBe(area);
});

test.each([
  ['1/4-20', 0.0318],
  ['3/8-16', 0.0775],
  ['1/2-13', 0.1419],
])('tensile area of %s, in²', (id, area) => {
  expect(roundTo(threadGeometry(threadById(id)).tensileAreaMm2 / 25.4 ** 2, 4)).toBe(area);
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
    expect(outside.pitchMaxMm).toBeLessThan(inside.pitchMinMm + 1e-9);
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
])('reads %s', (text, id) => {
  const result = parseThread(text);
  expect(result.ok && result.thread.id).toBe(id);
});

test.each([
  ['M8x', { code: 'incomplete', examples: ['M8x1.25', 'M8x1', 'M8x0.75'] }],
  ['3/8-', { code: 'incomplete', examples: ['3/8-16', '3/8-24', '3/8-32'] }],
  ['M8x1.1', { code: 'not-held', nearest: ['M8x1.25', 'M8x1', 'M8x0.75'] }],
  ['M9', { code: 'not-held' }],
  ['hello', { code: 'not-a-thread' }],
  ['', { code: 'empty' }],
  ['M'.repeat(10_000), { code: 'too-long', characters: 10_000 }],
])('refuses %.8s', (text, problem) => {
  const result = parseThread(text);
  expect(result.ok ? null : result.problem).toMatchObject(problem);
});
