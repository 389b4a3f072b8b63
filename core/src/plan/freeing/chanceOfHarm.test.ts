import { seededRandom } from '../../basis/numeric/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { chanceOfHarm, coreWindow, sampleHarm, type HarmInput } from './index.ts';
import { coreDrill } from './coreWindow.ts';
import { threadLostShare } from './chanceOfHarm.ts';

const m5 = threadById('M5x0.8');
const input = (changes: Partial<HarmInput> = {}): HarmInput => ({
  window: coreWindow(m5, 'nominal'),
  majorMm: 5,
  drillsMm: [3.2],
  drilling: { setUp: 'bench-drill', measuredOversizeMm: 0 },
  sigmaOffsetMm: 0.15,
  sigmaTiltDeg: 0,
  depthMm: 10,
  wanderPerMm: 0,
  projectionMm: 30,
  spareShare: 0.2,
  voidMm: null,
  keepShellMm: 0.2,
  trials: 100_000,
  random: seededRandom(7),
  ...changes,
});

test('M5 in cast aluminium: root 4.019, crest 4.134; 3.2 mm leaves 0.41 of shell and 0.47 to the crest, 4.1 mm cuts it', () => {
  const window = coreWindow(m5, 'nominal');
  expect([window.rootMm, window.crestMm].map((mm) => Number(mm.toFixed(3)))).toEqual([4.019, 4.134]);
  const small = coreDrill(3.2, window, 0);
  expect([small.thinShellMm, small.toCrestMm].map((mm) => Number(mm.toFixed(2)))).toEqual([0.41, 0.47]);
  expect(coreDrill(3.2, window, 0.15).thinShellMm).toBeCloseTo(0.259, 3);
  const large = coreDrill(4.1, window, 0);
  expect(large.expectedBoreMm).toBeCloseTo(4.17, 2);
  expect(large.toCrestLargestMm).toBeLessThan(0);
});

test('M12 stud: a 10 mm drill bores about 10.10 and up to 10.18, past the crest; a parent bored at 10.3 has room', () => {
  const m12 = threadById('M12x1.75');
  const drill = coreDrill(10, coreWindow(m12, 'nominal'), 0);
  expect([drill.expectedBoreMm, drill.largestBoreMm].map((mm) => Number(mm.toFixed(2)))).toEqual([10.1, 10.18]);
  expect(drill.toCrestLargestMm).toBeLessThan(0);
  expect(coreDrill(10, coreWindow(m12, 'nominal', 10.3), 0).toCrestLargestMm).toBeGreaterThan(0);
});

test.each([3.2, 3.5, 3.7, 3.9])(
  'with zero tilt a %d mm drill touches as the closed form says, within its standard error',
  (mm) => {
    const { drills } = chanceOfHarm(input({ drillsMm: [mm] }));
    const a = (4.134 - mm) / 2;
    const expected = Math.exp(-(a * a) / (2 * 0.15 ** 2));
    expect(Math.abs(drills[0]!.touched.p - expected)).toBeLessThan(4 * drills[0]!.touched.standardError + 1e-3);
  },
);

test('seeded and reproducible; more tilt, more wander and a worse start never lower the chance of touching', () => {
  const touched = (changes: Partial<HarmInput> = {}) =>
    chanceOfHarm(input({ drillsMm: [3.6], ...changes, random: seededRandom(3) })).drills[0]!.touched.p;
  expect(touched()).toBe(touched());
  expect(touched({ sigmaTiltDeg: 1 })).toBeGreaterThan(touched());
  expect(touched({ wanderPerMm: 0.004 })).toBeGreaterThan(touched());
  expect(touched({ sigmaOffsetMm: 0.3 })).toBeGreaterThan(touched());
  expect(touched({ window: coreWindow(m5, 'class') })).toBeLessThan(touched());
});

test('a larger drill touches more and leaves less shell; the recommended one seldom touches', () => {
  const drillsMm = Array.from({ length: 60 }, (_, n) => 1 + n * 0.055);
  const { drills, recommendedMm } = chanceOfHarm(input({ drillsMm, sigmaTiltDeg: 0.25 }));
  for (let n = 1; n < drills.length; n += 1) {
    expect(drills[n]!.touched.p).toBeGreaterThanOrEqual(drills[n - 1]!.touched.p);
    expect(drills[n]!.tooMuchLost.p).toBeGreaterThanOrEqual(drills[n - 1]!.tooMuchLost.p);
  }
  const recommended = drills.find((row) => row.drillMm === recommendedMm)!;
  expect(recommended.touched.p).toBeLessThanOrEqual(0.05);
  expect(
    chanceOfHarm(input({ drillsMm: [4.1], drilling: { setUp: 'bench-drill', measuredOversizeMm: null } }))
      .recommendedMm,
  ).toBeNull();
});

test('the sample is symmetric in the mean: without a void none is opened, and a near one is', () => {
  const { offsetMm } = sampleHarm(input());
  const mean = offsetMm.reduce((sum, r) => sum + r, 0) / offsetMm.length;
  // Mean of a Rayleigh distance: σ·√(π/2).
  expect(mean).toBeCloseTo(0.15 * Math.sqrt(Math.PI / 2), 2);
  expect(chanceOfHarm(input()).drills[0]!.voidOpened.p).toBe(0);
  expect(chanceOfHarm(input({ voidMm: 1.7 })).drills[0]!.voidOpened.p).toBeGreaterThan(0.3);
});

test('thread lost: none inside the crest, all of it out at the major, growing with the offset', () => {
  const window = coreWindow(m5, 'nominal');
  expect(threadLostShare(2, 0, window, 5)).toBe(0);
  expect(threadLostShare(2.5, 0, window, 5)).toBeCloseTo(1, 9);
  expect(threadLostShare(2, 0.3, window, 5)).toBeGreaterThan(threadLostShare(2, 0.15, window, 5));
});

test('nonsense is refused by name', () => {
  expect(() => chanceOfHarm(input({ drillsMm: [] }))).toThrow('out-of-range');
  expect(() => chanceOfHarm(input({ trials: NaN }))).toThrow('out-of-range');
  expect(() => chanceOfHarm(input({ sigmaTiltDeg: -1 }))).toThrow('out-of-range');
});
