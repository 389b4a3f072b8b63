import fc from 'fast-check';
import { fastenerClass } from '../../facts/materials/index.ts';
import { coilHole } from '../../facts/inserts/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { stripLoad } from './index.ts';
import { dilationFactor, fastenerBendingFactor, parentBendingFactor } from './factors.ts';
import { overlapAround } from './overlapAround.ts';

const m8 = threadById('M8x1.25');
const base = {
  thread: m8,
  fastener: fastenerClass('8.8', 8),
  parentShearMpa: 182,
  engagementMm: 11,
  dilationRatio: 3,
};

test('Alexander’s factors at their ends and published points', () => {
  expect(dilationFactor(1.9)).toBe(1);
  expect(dilationFactor(1.425)).toBeCloseTo(0.774, 3);
  expect(dilationFactor(1.39)).toBeNull();
  expect(parentBendingFactor(0.3)).toBe(1);
  expect(parentBendingFactor(0.99)).toBeCloseTo(0.897, 2);
  expect(parentBendingFactor(1.5)).toBe(0.897);
  expect(fastenerBendingFactor(0.5)).toBe(0.897);
  expect(fastenerBendingFactor(2.2)).toBe(fastenerBendingFactor(5));
  expect(() => dilationFactor(NaN)).toThrow('not-finite');
});

test('a coil moves the sheared surface outwards: more load from the same length', () => {
  expect(stripLoad({ ...base, coil: coilHole(m8) }).stripLoadN!).toBeGreaterThan(stripLoad(base).stripLoadN! * 1.2);
});

test('more engagement never lowers the strip load, less wall never raises it', () => {
  const engagement = fc.double({ min: 0.1, max: 40, noNaN: true });
  const wall = fc.double({ min: 1.4, max: 3, noNaN: true });
  fc.assert(
    fc.property(
      engagement,
      fc.double({ min: 0, max: 10, noNaN: true }),
      wall,
      fc.double({ min: 0, max: 1, noNaN: true }),
      (le, more, ratio, extra) => {
        const load = stripLoad({ ...base, engagementMm: le, dilationRatio: ratio }).stripLoadN!;
        expect(
          stripLoad({ ...base, engagementMm: le + more, dilationRatio: ratio }).stripLoadN!,
        ).toBeGreaterThanOrEqual(load - 1e-6);
        expect(
          stripLoad({ ...base, engagementMm: le, dilationRatio: ratio + extra }).stripLoadN!,
        ).toBeGreaterThanOrEqual(load - 1e-6);
      },
    ),
  );
});

test('an oval holds on its short axis only: the mean diameter would lie', () => {
  const round = overlapAround(m8, 6.85, { aMm: 7.5, bMm: 7.5, alongMm: 0, acrossMm: 0 }, 6.912);
  const oval = overlapAround(m8, 6.85, { aMm: 8.1, bMm: 6.9, alongMm: 0, acrossMm: 0 }, 6.912);
  expect(round).toBeCloseTo(0.27, 2);
  expect(oval).toBeGreaterThan(round);
  expect(oval).toBeLessThan(1);
  expect(overlapAround(m8, 6.85, { aMm: 6.9, bMm: 8.1, alongMm: 0, acrossMm: 0 }, 6.912)).toBeCloseTo(oval, 9);
});
