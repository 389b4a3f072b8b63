import { inchToMm, mmToInch } from '../../basis/units/index.ts';
import { positive } from '../../basis/numeric/index.ts';

/** How holes are drilled here, and how that scales the mean oversize (our estimate; the bench drill is the yardstick). */
export const DRILLING_SET_UPS = [
  { id: 'hand-drill', name: 'Hand drill', factor: 1.5 },
  { id: 'bench-drill', name: 'Bench drill', factor: 1 },
  { id: 'located-mill', name: 'Located mill', factor: 0.5 },
] as const;
export type DrillingSetUpId = (typeof DRILLING_SET_UPS)[number]['id'];

/** Oversize of drilling: by set-up, or what the shop has measured on its own holes. */
export interface Drilling {
  setUp: DrillingSetUpId;
  /** Mean oversize measured by the shop, in mm; null uses the estimate. */
  measuredOversizeMm: number | null;
}

export const USUAL_DRILLING: Drilling = { setUp: 'bench-drill', measuredOversizeMm: null };

/**
 * By how much a twist drill cuts over its size, mean: (2 + 5·D) thou, D in inches, times the set-up's factor.
 * @example estimatedOversizeMm(25.4, 'bench-drill') // 0.1778
 */
export function estimatedOversizeMm(drillMm: number, setUp: DrillingSetUpId): number {
  const { factor } = DRILLING_SET_UPS.find((row) => row.id === setUp)!;
  return factor * inchToMm((2 + 5 * mmToInch(drillMm)) / 1000);
}

/**
 * Bore that a twist drill leaves: the drill plus its mean oversize, estimated or measured here.
 * An estimate for 1/8 to 1 in drills in steel and cast iron, used until the shop has measured its own.
 * @example expectedBoreMm(4.1) // 4.1713
 * @example expectedBoreMm(4.1, { setUp: 'hand-drill', measuredOversizeMm: null }) // 4.207
 */
export function expectedBoreMm(drillMm: number, drilling: Drilling = USUAL_DRILLING): number {
  positive(drillMm, 'drill');
  if (drilling.measuredOversizeMm !== null) return drillMm + drilling.measuredOversizeMm;
  return drillMm + estimatedOversizeMm(drillMm, drilling.setUp);
}
