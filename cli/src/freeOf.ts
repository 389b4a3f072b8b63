import type { PlannerInput } from '@deep-mend/contract/planner';
import {
  afterStep,
  blankStuck,
  chanceOfHarm,
  corePlan,
  harmInput,
  parentById,
  proposeFreeing,
  seededRandom,
  UNLISTED_KIT,
  type CoreDrilling,
  type Rack,
  type StuckCase,
  type Thread,
} from '@deep-mend/core';

/** Doubt of an offset measured with a caliper, mm. */
const USUAL_DOUBT_MM = 0.1;

/** Means, chances and the plan of the core drilling for one line of JSON. */
export function freeOf(input: PlannerInput<'free'>, thread: Thread, rack: Rack): object {
  const blank = blankStuck(input.what, thread, parentById(input.parent));
  const stuck: StuckCase = {
    ...blank,
    hard: input.hard ?? blank.hard,
    stainless: input.stainless ?? blank.stainless,
    proudMm: input.proudMm ?? null,
    lengthMm: input.lengthMm ?? null,
    offsetMm: input.offsetMm ?? null,
    face: input.face ?? blank.face,
    drive: input.drive ?? blank.drive,
    why: input.why ?? blank.why,
    nearLimitC: input.nearLimitC ?? null,
    access: input.access ?? blank.access,
    headroomMm: input.headroomMm ?? null,
    sideRoomMm: input.sideRoomMm ?? null,
    through: input.through ?? false,
    tried: input.tried ?? [],
    rack,
    kit: { ...UNLISTED_KIT, extractorDrillsMm: input.extractorDrillsMm ?? null },
  };
  const means = proposeFreeing(stuck);
  const peels = means.some((row) => row.id === 'core-peel' && row.verdict !== 'does-not-hold');
  if (!peels) return { means, harm: null };
  const { start, hold = 'freehand', depthMm, projectionMm, spareShare, voidMm, boredMm, limit, trials } = input;
  const measured =
    input.offsetMm === undefined ? null : { mm: input.offsetMm, halfWidthMm: input.offsetDoubtMm ?? USUAL_DOUBT_MM };
  const drilling: CoreDrilling = {
    start: start ?? (stuck.face === 'dimple' ? 'true-centre' : 'punched'),
    hold,
    depthMm,
    projectionMm,
    spareShare,
    voidMm,
    boredMm,
    limit,
    trials,
    measuredOffset: measured,
  };
  const asked = harmInput(stuck, drilling);
  const harm = chanceOfHarm({ ...asked, random: seededRandom(input.seed ?? 1) });
  return {
    means,
    window: asked.window,
    harm,
    plan: harm.recommendedMm === null ? null : corePlan(stuck, asked.window, harm.recommendedMm, measured?.mm ?? 0),
    afterStep:
      measured && input.drilledMm !== undefined
        ? afterStep(stuck, asked.window, input.drilledMm, measured, harm.recommendedMm)
        : null,
  };
}
