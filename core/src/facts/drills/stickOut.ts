import { positive } from '../../basis/numeric/index.ts';
import { DRILL_LENGTHS } from './tables/drillLengths.ts';

/** The jaws hold the shank and leave the flutes free by about this share of the diameter (rule of thumb). */
const CLEAR_OF_JAWS_D = 0.5;

/** A drill as it stands out of its chuck, and the most that it drills before its flutes are full. mm. */
export interface StickOut {
  series: 'stub' | 'jobber';
  outMm: number;
  fluteMm: number;
}

/**
 * How far an ordinary drill stands out of its chuck: its flutes and half a diameter (ISO 235 lengths). Null beyond 20 mm, where
 * shanks are tapered.
 * @example stickOut(10, 'jobber').outMm // 92
 * @example stickOut(25, 'stub') // null
 */
export function stickOut(drillMm: number, series: StickOut['series']): StickOut | null {
  const row = DRILL_LENGTHS.find(({ toMm }) => positive(drillMm, 'drill') <= toMm + 1e-9);
  if (!row) return null;
  const fluteMm = series === 'stub' ? row.stubFluteMm : row.jobberFluteMm;
  return { series, outMm: fluteMm + CLEAR_OF_JAWS_D * drillMm, fluteMm };
}

/** A drill cuts no deeper than its flutes less what the chips need, in diameters (rule of thumb). */
const CHIP_ROOM_D = 1.5;

/** The deepest that it drills. @example deepestMm({ series: 'stub', outMm: 48, fluteMm: 43 }, 10) // 28 */
export const deepestMm = ({ fluteMm }: StickOut, drillMm: number): number =>
  Math.max(0, fluteMm - CHIP_ROOM_D * drillMm);
