import { boltCircle, centreDistanceMm } from './index.ts';

test('outside over two and inside between two agree', () => {
  expect(centreDistanceMm({ over: 'inside', readMm: 42, d1Mm: 8, d2Mm: 8 })).toBe(50);
  expect(centreDistanceMm({ over: 'outside', readMm: 57, d1Mm: 8, d2Mm: 6 })).toBe(50);
  expect(() => centreDistanceMm({ over: 'outside', readMm: 5, d1Mm: 8, d2Mm: 8 })).toThrow('out-of-range');
});

test('a bolt circle closes: every hole on it, neighbours a chord apart, mirror images equal', () => {
  const { points, chordMm } = boltCircle({ diameterMm: 80, holes: 5, startDeg: 90 });
  points.forEach((point, index) => {
    const next = points[(index + 1) % points.length]!;
    expect(Math.hypot(point.xMm, point.yMm)).toBeCloseTo(40, 9);
    expect(Math.hypot(point.xMm - next.xMm, point.yMm - next.yMm)).toBeCloseTo(chordMm, 9);
  });
  expect(points[1]!.xMm).toBeCloseTo(-points[4]!.xMm, 9);
  expect(points[1]!.yMm).toBeCloseTo(points[4]!.yMm, 9);
});
