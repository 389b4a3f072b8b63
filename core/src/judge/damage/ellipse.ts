/** A worn bore: two diameters at right angles, its centre off the true axis along the first and across it. */
export interface WornBore {
  aMm: number;
  bMm: number;
  alongMm: number;
  acrossMm: number;
}

/**
 * Distance from the true axis to the bore's wall in one direction, 0 rad along the long axis. The axis must lie inside the
 * bore; outside it there is no wall to meet and the far wall is taken.
 * @example boreRadiusAt({ aMm: 13.1, bMm: 12.4, alongMm: 0.2, acrossMm: 0 }, 0) // 6.75
 */
export function boreRadiusAt(bore: WornBore, angleRad: number): number {
  const [p, q] = [bore.aMm / 2, bore.bMm / 2];
  const [cos, sin] = [Math.cos(angleRad), Math.sin(angleRad)];
  // (t·cos − dx)²/p² + (t·sin − dy)²/q² = 1, the larger root.
  const a = (cos / p) ** 2 + (sin / q) ** 2;
  const b = -2 * ((cos * bore.alongMm) / p ** 2 + (sin * bore.acrossMm) / q ** 2);
  const c = (bore.alongMm / p) ** 2 + (bore.acrossMm / q) ** 2 - 1;
  return (-b + Math.sqrt(Math.max(0, b * b - 4 * a * c))) / (2 * a);
}

/** Half-degree steps: at the farthest point the wall is level, so the step loses less than a micrometre. */
const STEPS = 720;

/**
 * Diameter that cleans the bore up round the true axis: twice the farthest that its wall lies from it.
 * @example cleanUpRoundAxisMm({ aMm: 13.1, bMm: 12.4, alongMm: 0.2, acrossMm: 0 }) // 13.5
 * @example cleanUpRoundAxisMm({ aMm: 13.1, bMm: 12.4, alongMm: 0, acrossMm: 0.2 }) // 13.16
 */
export function cleanUpRoundAxisMm(bore: WornBore): number {
  if (bore.alongMm === 0 && bore.acrossMm === 0) return Math.max(bore.aMm, bore.bMm);
  let farthest = 0;
  for (let step = 0; step < STEPS; step += 1) {
    // The farthest point of an ellipse is sought over its own parameter, which meets the axis ends exactly.
    const t = (2 * Math.PI * step) / STEPS;
    const x = bore.alongMm + (bore.aMm / 2) * Math.cos(t);
    const y = bore.acrossMm + (bore.bMm / 2) * Math.sin(t);
    farthest = Math.max(farthest, Math.hypot(x, y));
  }
  return 2 * farthest;
}
