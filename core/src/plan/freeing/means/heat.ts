import { spokenFine } from '../../../basis/units/index.ts';
import { differentialGrowthMm, type ParentMaterial } from '../../../facts/materials/index.ts';
import type { JudgeMeans } from '../Means.ts';
import type { StuckCase } from '../StuckCase.ts';
import { isThreaded, noFlame, turnWord } from './words.ts';

/** Hottest that a parent may be heated for this, °C, and hottest for a moment (methods.md section 9, our estimates). */
const PARENT_LIMIT_C: Readonly<Partial<Record<ParentMaterial['group'], number>>> = {
  aluminium: 150,
  magnesium: 150,
  zinc: 100,
  plastic: 60,
};
const BRIEF_LIMIT_C: Readonly<Partial<Record<ParentMaterial['group'], number>>> = { aluminium: 200 };
const USUAL_LIMIT_C = 300;
const ROOM_C = 20;
/** Less rise than this buys nothing. */
const LEAST_RISE_C = 30;
/** Thread locker lets go about here. */
const LOCKER_C = 200;
/** Waits of one round, minutes (our estimate): oil to creep, the parent to warm through, and to cool until oil is drawn in. */
const ROUND_MINUTES = { soak: 20, heat: 5, cool: 15 } as const;
const ROUNDS = 3;

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

export const heatSoak: JudgeMeans = (stuck) => {
  const { limitC, briefC, setBy, growthMm } = heatPlan(stuck);
  const tightens = growthMm < 0;
  const cold = limitC <= ROOM_C + LEAST_RISE_C;
  const locked = stuck.why === 'locker' && (briefC ?? limitC) < LOCKER_C;
  const hand = stuck.what === 'coil' || stuck.what === 'tap' || stuck.what === 'extractor';
  const how = noFlame(stuck) ? 'hot air only, no flame' : 'hot air, or a small flame kept moving';
  const target = tightens
    ? `Heat the parent alone, quickly, to at most ${limitC} °C (${how}); keep the heat off what is stuck`
    : `Heat the parent round it to at most ${limitC} °C${briefC === null ? '' : `, for a moment ${briefC} °C`} (${how}; temperature crayon or thermometer)`;
  return {
    title: 'Soak and heat in turns',
    verdict: hand || cold ? 'does-not-hold' : tightens || locked ? 'with-care' : 'holds',
    because: hand
      ? 'it is held by its shape, not by rust: heat does not let it go'
      : cold
        ? `only ${limitC} °C is allowed here: that grows nothing`
        : tightens
          ? `the fastener grows more than the hole, by ${spokenFine(-growthMm)} at ${limitC} °C: heat the parent alone, quickly`
          : locked
            ? `thread locker lets go near ${LOCKER_C} °C, here only ${briefC ?? limitC} °C is allowed`
            : `at ${limitC} °C the hole outgrows it by ${spokenFine(growthMm)}${setBy === 'near' ? '; what is near sets that limit, and metal carries the heat to it: measure there' : ''}`,
    steps: [
      {
        what: 'Penetrating oil on it; leave it to creep. Wipe off all that is loose before any heat: it burns.',
        minutes: ROUND_MINUTES.soak,
      },
      { what: `${target}.`, minutes: ROUND_MINUTES.heat },
      {
        what: isThreaded(stuck)
          ? `While it is hot: ${turnWord(stuck)} in short turns, to and fro.`
          : 'While it is hot: try to move it along its axis.',
        minutes: null,
      },
      { what: 'Let it cool; oil again as it cools, it is drawn in.', minutes: ROUND_MINUTES.cool },
    ],
    rounds: ROUNDS,
    stop: `${ROUNDS} rounds without a movement: go on to the next means.`,
    spoils: briefC === null ? '' : 'over the limit a heat-treated casting goes soft',
  };
};
