import { differentialGrowthMm, type ParentMaterial } from '../../facts/materials/index.ts';
import type { StuckCase } from './StuckCase.ts';

/** Hottest that a parent may be heated for this, °C, and hottest for a moment (docs/methods.md, Freeing what is stuck; our estimates). */
const PARENT_LIMIT_C: Readonly<Partial<Record<ParentMaterial['group'], number>>> = {
  aluminium: 150,
  magnesium: 150,
  zinc: 100,
  plastic: 60,
};
const BRIEF_LIMIT_C: Readonly<Partial<Record<ParentMaterial['group'], number>>> = { aluminium: 200 };
const USUAL_LIMIT_C = 300;
export const ROOM_C = 20;

export interface HeatPlan {
  limitC: number;
  /** For a moment only; null: no hotter than the limit. */
  briefC: number | null;
  /** What sets the limit. */
  setBy: 'parent' | 'near';
  /** How much the hole outgrows what is in it; negative: heating both tightens. */
  growthMm: number;
}

/**
 * How hot a stuck thing may be made and what that buys. The parent or what is near it sets the limit, whichever is lower.
 * @example heatPlan(blankStuck('stud', threadById('M8x1.25'), parentById('aluminium-sand-cast'))).limitC // 150
 */
export function heatPlan(stuck: StuckCase): HeatPlan {
  const parentC = PARENT_LIMIT_C[stuck.parent.group] ?? USUAL_LIMIT_C;
  const nearC = stuck.nearLimitC ?? Infinity;
  const limitC = Math.min(parentC, nearC);
  const briefC = BRIEF_LIMIT_C[stuck.parent.group] ?? null;
  return {
    limitC,
    briefC: briefC !== null && nearC >= briefC ? briefC : null,
    setBy: nearC < parentC ? 'near' : 'parent',
    growthMm: differentialGrowthMm({
      parent: stuck.parent.group,
      fastener: stuck.stainless ? 'stainless' : 'steel',
      diameterMm: stuck.thread.majorMm,
      riseK: Math.max(0, limitC - ROOM_C),
    }),
  };
}
