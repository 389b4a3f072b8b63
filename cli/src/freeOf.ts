import type { PlannerInput } from '@deep-mend/contract/planner';
import {
  chanceOfHarm,
  coreWindow,
  HOLDS,
  parentById,
  proposeFreeing,
  rackDrills,
  seededRandom,
  STARTS,
  type Rack,
  type Thread,
} from '@deep-mend/core';

const USUAL_TRIALS = 100_000;
/** Drills worth looking at: from a third of the screw's root upwards. */
const LEAST_OF_ROOT = 1 / 3;
/** Wander of a drill in a hard screw in softer metal, mm a mm of projection (estimate). */
const WANDER_PER_MM = 0.002;
const SOFT_GROUPS: readonly string[] = ['aluminium', 'magnesium', 'zinc', 'copper', 'plastic'];
const USUAL_PROJECTION_MM = 30;
const USUAL_SPARE = 0.2;

/** Means and chances for one line of JSON. */
export function freeOf(input: PlannerInput<'free'>, thread: Thread, rack: Rack): object {
  const parent = parentById(input.parent);
  const hard = input.hard ?? (input.what === 'tap' || input.what === 'extractor');
  const means = proposeFreeing({
    what: input.what,
    thread,
    parent,
    hard,
    stainless: input.stainless ?? false,
    proudMm: input.proudMm ?? null,
    drive: input.drive ?? 'none',
    why: input.why ?? 'unknown',
    nearLimitC: input.nearLimitC ?? null,
    through: input.through ?? false,
    rack,
  });
  const peels = means.some((row) => row.id === 'core-peel' && row.verdict !== 'does-not-hold');
  if (!peels) return { means, harm: null };
  const window = coreWindow(thread, 'nominal', input.boredMm ?? null);
  const harm = chanceOfHarm({
    window,
    majorMm: thread.majorMm,
    drillsMm: rackDrills(rack)
      .map((drill) => drill.diameterMm)
      .filter((mm) => mm >= LEAST_OF_ROOT * window.rootMm && mm <= thread.majorMm),
    sigmaOffsetMm: STARTS.find((row) => row.id === (input.start ?? 'punched'))!.sigmaMm,
    sigmaTiltDeg: HOLDS.find((row) => row.id === (input.hold ?? 'freehand'))!.sigmaDeg,
    depthMm: input.depthMm ?? thread.majorMm,
    wanderPerMm: SOFT_GROUPS.includes(parent.group) ? WANDER_PER_MM : 0,
    projectionMm: input.projectionMm ?? USUAL_PROJECTION_MM,
    spareShare: input.spareShare ?? USUAL_SPARE,
    voidMm: input.voidMm ?? null,
    trials: input.trials ?? USUAL_TRIALS,
    random: seededRandom(input.seed ?? 1),
  });
  return { means, window, harm };
}
