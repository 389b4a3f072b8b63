import { inchToMm, mmToInch } from '../../basis/units/index.ts';
import { positive } from '../../basis/numeric/index.ts';

/**
 * Bore that a twist drill leaves: the drill plus a mean oversize of (2 + 5·D) thou, D in inches. An estimate for 1/8 to
 * 1 in drills in steel and cast iron, used until the shop has measured its own.
 * @example expectedBoreMm(4.1) // 4.1713
 */
export function expectedBoreMm(drillMm: number): number {
  positive(drillMm, 'drill');
  return drillMm + inchToMm((2 + 5 * mmToInch(drillMm)) / 1000);
}
