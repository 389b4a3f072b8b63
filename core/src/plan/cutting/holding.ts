import { positive } from '../../basis/numeric/index.ts';
import type { WorkShape } from '../../judge/hole/index.ts';

/** Up to this a drill in a heavy part may be guided by hand; over it the drill turns hand or part (rule of thumb). */
const FREEHAND_UP_TO_MM = 6;
/** A part that is heavier stays where it is by its own weight under a small drill (our estimate). */
const HEAVY_KG = 15;
/** Feed of a drill by hand, mm a turn and mm of drill (our estimate); its torque kc·f·d²/8, f = 0.02·d. */
const FEED_PER_D = 0.02;
/** When it grabs it turns with so many times that (our estimate). */
const GRABS_TIMES = 5;

/**
 * Torque with which a drill turns the part, Nm, cutting from full metal: k·f·d²/8. An estimate.
 * @example drillTorqueNm(10, 2300) // 5.75
 */
export const drillTorqueNm = (drillMm: number, forceMpa: number): number =>
  (positive(forceMpa, 'cutting force') * FEED_PER_D * positive(drillMm, 'drill') ** 3) / 8 / 1000;

export type Holding = {
  /** How it is held. */
  by: 'stays' | 'vice' | 'clamps' | 'v-block' | 'soft-jaws' | 'plugged' | 'backed-sheet';
  freehand: boolean;
  /** Wood or scrap under a through hole, so that the far side does not burst. */
  backing: boolean;
  torqueNm: number;
  grabsNm: number;
};

const BY: Readonly<Record<WorkShape, Holding['by']>> = {
  block: 'vice',
  odd: 'clamps',
  sheet: 'backed-sheet',
  round: 'v-block',
  tube: 'plugged',
  splined: 'soft-jaws',
};

/**
 * How the part is held, by place, shape and mass, and whether a hand may guide the drill. Shape not said: clamps, which hold any.
 * @example holding({ inPlace: false, shape: 'splined', massKg: 2, drillMm: 8, forceMpa: 2300, through: true }).by // 'soft-jaws'
 * @example holding({ inPlace: false, shape: null, massKg: 2, drillMm: 8, forceMpa: 2300, through: true }).freehand // false
 */
export function holding(job: {
  inPlace: boolean;
  shape: WorkShape | null;
  massKg: number | null;
  drillMm: number;
  forceMpa: number;
  through: boolean;
}): Holding {
  const { inPlace, shape, massKg, drillMm, forceMpa, through } = job;
  const torqueNm = drillTorqueNm(drillMm, forceMpa);
  const heavy = inPlace || (massKg !== null && massKg >= HEAVY_KG);
  const by = inPlace ? 'stays' : shape === null ? 'clamps' : BY[shape];
  return {
    by,
    freehand: heavy && drillMm <= FREEHAND_UP_TO_MM && shape !== 'sheet',
    backing: through && (shape === 'sheet' || shape === 'tube'),
    torqueNm,
    grabsNm: GRABS_TIMES * torqueNm,
  };
}
