import type { coilSections, ProfilePoint } from '@deep-mend/core';
import type { Point } from '../DisplayList.ts';

const onSide = (points: readonly ProfilePoint[], side: 1 | -1): Point[] =>
  // A radius of 0 has one side: -0 would not survive JSON.
  points.map(([radiusMm, depthMm]): Point => [radiusMm === 0 ? 0 : side * radiusMm, depthMm]);

/** Below its end the line of a through hole crosses over, where the sheet covers it. */
const CROSSES_BELOW_MM = 2;

/** A profile as one line: down its right side and up its left one. */
export function roundLine(points: readonly ProfilePoint[]): Point[] {
  const [radiusMm, depthMm] = points.at(-1)!;
  const ended = radiusMm === 0 ? points : [...points, [radiusMm, depthMm + CROSSES_BELOW_MM] as const];
  return [...onSide(ended, 1), ...onSide(ended, -1).reverse()];
}

/** The right side alone. */
export const sideLine = (points: readonly ProfilePoint[]): Point[] => onSide(points, 1);

/** Both sides by themselves, open at both ends: what was measured ends where the measuring ended. */
export const bothSides = (points: readonly ProfilePoint[]): Point[][] => [onSide(points, 1), onSide(points, -1)];

/** The right side with the axis, to be filled. */
export const sideArea = (points: readonly ProfilePoint[]): Point[] => [
  [0, points[0]![1]],
  ...onSide(points, 1),
  [0, points.at(-1)![1]],
];

/** A closed outline beside the axis, on its right side or on both. */
export const besideAxis = (points: readonly ProfilePoint[], half: boolean): Point[][] =>
  half ? [onSide(points, 1)] : [onSide(points, 1), onSide(points, -1)];

/** The wire's diamonds touch, so each is drawn a little lower than it is. */
const DRAWN_HIGH = 0.94;

/** All sections of the wire. */
export const wireLines = (wires: ReturnType<typeof coilSections>, half: boolean): Point[][] =>
  wires.flatMap(({ innerMm, outerMm, depthMm, halfHeightMm }) =>
    (half ? [1] : [1, -1]).map((side): Point[] => {
      const middle = (side * (innerMm + outerMm)) / 2;
      const high = DRAWN_HIGH * halfHeightMm;
      return [
        [side * innerMm, depthMm],
        [middle, depthMm - high],
        [side * outerMm, depthMm],
        [middle, depthMm + high],
      ];
    }),
  );
