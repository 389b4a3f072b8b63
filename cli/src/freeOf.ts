import type { PlannerInput } from '@deep-mend/contract/planner';
import {
  chanceOfHarm,
  harmInput,
  parentById,
  proposeFreeing,
  seededRandom,
  type Rack,
  type StuckCase,
  type Thread,
} from '@deep-mend/core';

/** Means and chances for one line of JSON. */
export function freeOf(input: PlannerInput<'free'>, thread: Thread, rack: Rack): object {
  const stuck: StuckCase = {
    what: input.what,
    thread,
    parent: parentById(input.parent),
    hard: input.hard ?? (input.what === 'tap' || input.what === 'extractor'),
    stainless: input.stainless ?? false,
    proudMm: input.proudMm ?? null,
    drive: input.drive ?? 'none',
    why: input.why ?? 'unknown',
    nearLimitC: input.nearLimitC ?? null,
    through: input.through ?? false,
    rack,
  };
  const means = proposeFreeing(stuck);
  const peels = means.some((row) => row.id === 'core-peel' && row.verdict !== 'does-not-hold');
  if (!peels) return { means, harm: null };
  const { start = 'punched', hold = 'freehand', depthMm, projectionMm, spareShare, voidMm, boredMm, trials } = input;
  const asked = harmInput(stuck, { start, hold, depthMm, projectionMm, spareShare, voidMm, boredMm, trials });
  return { means, window: asked.window, harm: chanceOfHarm({ ...asked, random: seededRandom(input.seed ?? 1) }) };
}
