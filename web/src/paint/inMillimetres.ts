import type { ProfilePoint } from '@deep-mend/core';

/** A thousandth: far below a pixel at any scale, and short text is parsed sooner by the browser. */
const short = (mm: number) => Math.round(mm * 1000) / 1000;

const pointsAlong = (points: readonly ProfilePoint[], side: 1 | -1): string =>
  points.map(([radiusMm, depthMm]) => `${short(side * radiusMm)},${short(depthMm)}`).join(' ');

/**
 * Points of a profile as one line in millimetres: down its right side and up its left one.
 *
 * For `points` of a polyline: unlike `d` of a path they are no style, so a key that moves them costs half as much.
 */
export function roundLine(points: readonly ProfilePoint[]): string {
  const [radiusMm, depthMm] = points.at(-1)!;
  // A through hole's line crosses over below its end, where the sheet covers it.
  const ended = radiusMm === 0 ? points : [...points, [radiusMm, depthMm + CROSSES_BELOW_MM] as const];
  return `${pointsAlong(ended, 1)} ${pointsAlong([...ended].reverse(), -1)}`;
}

const CROSSES_BELOW_MM = 2;

/** The right side alone. */
export const sideLine = (points: readonly ProfilePoint[]): string => pointsAlong(points, 1);

/** Both sides by themselves, parted by a bar. */
export const bothSides = (points: readonly ProfilePoint[]): string =>
  `${pointsAlong(points, 1)}|${pointsAlong(points, -1)}`;

/** The right side with the axis, to be filled. */
export const sideArea = (points: readonly ProfilePoint[]): string =>
  `0,${short(points[0]![1])} ${pointsAlong(points, 1)} 0,${short(points.at(-1)![1])}`;

export interface WireSection {
  innerMm: number;
  outerMm: number;
  depthMm: number;
  halfHeightMm: number;
}

/** All the wire's diamonds as one path; they touch, so each is drawn a little lower than it is. */
export function wirePath(wires: readonly WireSection[], half: boolean): string {
  return wires
    .flatMap(({ innerMm, outerMm, depthMm, halfHeightMm }) =>
      (half ? [1] : [1, -1]).map((side) => {
        const [inner, middle, outer] = [innerMm, (innerMm + outerMm) / 2, outerMm].map((mm) => short(side * mm));
        const high = 0.94 * halfHeightMm;
        return `M${inner} ${short(depthMm)}L${middle} ${short(depthMm - high)}L${outer} ${short(depthMm)}L${middle} ${short(depthMm + high)}Z`;
      }),
    )
    .join('');
}

/** Places a drawing in millimetres: its axis and its face in pixels, and its scale. Lines in it need a non-scaling stroke. */
export const placed = (axisX: number, faceY: number, scale: number): string =>
  `translate(${axisX} ${faceY}) scale(${scale})`;
