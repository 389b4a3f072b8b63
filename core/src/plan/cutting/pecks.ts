import { positive } from '../../basis/numeric/index.ts';

/** First bite, then steps, in diameters; short ones where chips are long or the hole is deep (rule of thumb). */
const FIRST_D = 2.5;
const STEP_D = 1;
const SHORT_STEP_D = 0.5;
/** Deeper than this in diameters it is deep. */
const DEEP_D = 4;

export type Pecks = { firstMm: number; stepMm: number; count: number };

/**
 * Depths of a drill's bites: the first 2½ d, then 1 d, ½ d where it is deep or stringy; cleared after each.
 * @example pecks({ depthMm: 20, drillMm: 8, stringy: false }) // { firstMm: 20, stepMm: 8, count: 1 }
 * @example pecks({ depthMm: 40, drillMm: 8, stringy: true }).count // 6
 */
export function pecks({ depthMm, drillMm, stringy }: { depthMm: number; drillMm: number; stringy: boolean }): Pecks {
  positive(depthMm, 'depth');
  const short = stringy || depthMm > DEEP_D * positive(drillMm, 'drill');
  const stepMm = (short ? SHORT_STEP_D : STEP_D) * drillMm;
  const firstMm = Math.min(depthMm, FIRST_D * drillMm);
  return { firstMm, stepMm, count: 1 + Math.max(0, Math.ceil((depthMm - firstMm) / stepMm - 1e-9)) };
}
