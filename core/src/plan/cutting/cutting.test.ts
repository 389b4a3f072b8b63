import fc from 'fast-check';
import { parentById, PARENTS } from '../../facts/materials/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import { depthBudget, drillPointMm, drillSpeed, drillStopMm, tapName, targetShare } from './index.ts';
import { fullThreadReachMm } from './depthBudget.ts';

test.each([
  [10, 118, 3.004],
  [10, 135, 2.071],
  [8.3, 118, 2.494],
])('the point of a %d mm drill of %d° is %d mm', (drill, angle, point) => {
  expect(drillPointMm(drill, angle)).toBeCloseTo(point, 3);
});

test('the last tap: the longest lead that reaches with room for chips, then without, then none', () => {
  const at = (wantedFullThreadMm: number) => depthBudget({ cylinderMm: 20, pitchMm: 1.25, wantedFullThreadMm }).last;
  expect(at(12)).toEqual({ leadThreads: 4, chipRoom: true });
  expect(at(14)).toEqual({ leadThreads: 2, chipRoom: true });
  expect(at(16)).toEqual({ leadThreads: 1, chipRoom: true });
  expect(at(17)).toEqual({ leadThreads: 1, chipRoom: false });
  expect(at(17.6)).toBeNull();
  expect(depthBudget({ cylinderMm: 20, pitchMm: 1.25, wantedFullThreadMm: 18 }).shortByMm).toBeCloseTo(0.5, 9);
});

test('a deeper hole, a shorter lead and no chips each give more thread', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 5, max: 80, noNaN: true }),
      fc.double({ min: 0.3, max: 3, noNaN: true }),
      (cylinderMm, pitchMm) => {
        const reach = (leadThreads: number, chipRoom: boolean, more = 0) =>
          fullThreadReachMm({ cylinderMm: cylinderMm + more, pitchMm, leadThreads, chipRoom });
        expect(reach(1, false)).toBeGreaterThan(reach(2, false));
        expect(reach(2, false)).toBeGreaterThan(reach(2, true));
        expect(reach(2, true, 1) - reach(2, true)).toBeCloseTo(1, 9);
      },
    ),
  );
});

test('tap names of three regions always carry the lead', () => {
  expect(tapName(8, 'taper-second-bottoming')).toBe('taper tap, 8 threads of lead');
  expect(tapName(1, 'lead-threads')).toBe('form E tap, 1 thread of lead');
  expect(tapName(4, 'taper-second-bottoming')).not.toBe(tapName(4, 'taper-plug-bottoming'));
});

test('every parent has a cutting speed; an unknown one is refused', () => {
  for (const parent of PARENTS) expect(drillSpeed(parent.id, 8).speedRpm).toBeGreaterThan(100);
  expect(drillSpeed('aluminium-6xxx', 5).speedRpm).toBeGreaterThan(drillSpeed('austenitic-stainless', 5).speedRpm);
  expect(() => drillSpeed('cheese', 8)).toThrow('out-of-range');
});

test.each([
  ['grey-iron', 20, 'by-material', 0.76],
  ['alloy-steel', 10, 'by-material', 0.63],
  ['alloy-steel', 20, 'by-material', 0.63],
  ['aluminium-6xxx', 4, 'by-material', 0.8],
  ['alloy-steel', 20, 'chart-75', 0.75],
  ['alloy-steel', 20, 'major-minus-pitch', 0.77],
] as const)('target share in %s, %d mm deep, by %s', (parent, depth, rule, share) => {
  const target = targetShare(threadById('M8x1.25'), parentById(parent), depth, rule);
  expect(target.share).toBeCloseTo(share, 2);
  expect(target.because).not.toBe('');
});

test('a drill stopped where the last tap needs it still gives the full thread, and is never deeper than the hole', () => {
  for (const cylinderMm of [12, 20, 36])
    for (const fullThreadMm of [6, 12.5, 21.5]) {
      const { last } = depthBudget({ cylinderMm, pitchMm: 1.5, wantedFullThreadMm: fullThreadMm });
      if (!last) continue;
      const stopMm = drillStopMm({ cylinderMm, pitchMm: 1.5, fullThreadMm, ...last });
      expect(stopMm).toBeLessThanOrEqual(cylinderMm);
      expect(fullThreadReachMm({ cylinderMm: stopMm, pitchMm: 1.5, ...last })).toBeCloseTo(fullThreadMm, 9);
    }
});
