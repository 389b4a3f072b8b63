import { InputError, finite, positive, within } from '../../basis/numeric/index.ts';

/**
 * Centre distance of two holes or plugs from a caliper reading: outside over two less (d1 + d2)/2, or inside between
 * plus (d1 + d2)/2.
 * @example centreDistanceMm({ over: 'outside', readMm: 58, d1Mm: 8, d2Mm: 8 }) // 50
 */
export function centreDistanceMm(input: {
  over: 'outside' | 'inside';
  readMm: number;
  d1Mm: number;
  d2Mm: number;
}): number {
  const half = (positive(input.d1Mm, 'first diameter') + positive(input.d2Mm, 'second diameter')) / 2;
  const distance =
    input.over === 'outside' ? positive(input.readMm, 'reading') - half : positive(input.readMm, 'reading') + half;
  if (!(distance > 0))
    throw new InputError('out-of-range', `reading ${input.readMm} over ${input.d1Mm} and ${input.d2Mm}`, [
      'more than half of both diameters',
    ]);
  return distance;
}

export interface CirclePoint {
  hole: number;
  xMm: number;
  yMm: number;
  angleDeg: number;
}

/**
 * Coordinates of the holes on a bolt circle, from its centre; hole 1 at the start angle (0 = along x), counted
 * anticlockwise. The chord is the distance of neighbours.
 * @example boltCircle({ diameterMm: 100, holes: 6 }).chordMm // 50
 */
export function boltCircle(input: { diameterMm: number; holes: number; startDeg?: number }): {
  points: CirclePoint[];
  chordMm: number;
  indexDeg: number;
} {
  const radius = positive(input.diameterMm, 'bolt circle') / 2;
  const holes = within(input.holes, 2, 400, 'holes');
  const start = finite(input.startDeg ?? 0, 'start angle');
  const indexDeg = 360 / holes;
  const points = Array.from({ length: holes }, (_, index) => {
    const angleDeg = start + index * indexDeg;
    const angle = (angleDeg * Math.PI) / 180;
    return { hole: index + 1, xMm: radius * Math.cos(angle), yMm: radius * Math.sin(angle), angleDeg };
  });
  return { points, chordMm: 2 * radius * Math.sin(Math.PI / holes), indexDeg };
}
