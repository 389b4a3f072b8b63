import type { PlannerInput } from '@deep-mend/contract/planner';
import { requestedChoices } from '@deep-mend/contract/request';
import {
  afterStep,
  beforeFreeing,
  beforeWords,
  cautionsOf,
  preventNextTap,
  preventWords,
  afterStepWords,
  chanceOfHarm,
  InputError,
  corePlan,
  freeingCard,
  DEFAULT_HOUSE_RULES,
  drillsToCore,
  harmInput,
  SAY,
  sayMeans,
  seededRandom,
  NOTHING_LISTED,
  weighFreeing,
  type CaseInputs,
  type CoreDrilling,
  type CorePlan,
  type Rack,
  type Thread,
} from '@deep-mend/core';

/** Doubt of an offset measured with a caliper, mm. */
const USUAL_DOUBT_MM = 0.1;

const exact = (mm: number | undefined) => (mm === undefined ? undefined : { mm, halfWidthMm: 0 });

/** The inputs of a hole that one line of JSON describes, as far as freeing reads them. */
function inputsOf(input: PlannerInput<'free'>, thread: Thread): CaseInputs {
  const { proudMm } = input;
  const readings = {
    proud: proudMm !== undefined && proudMm >= 0 ? exact(proudMm) : undefined,
    sunk: proudMm !== undefined && proudMm < 0 ? exact(-proudMm) : undefined,
    'stuck-length': exact(input.lengthMm),
    'core-offset':
      input.offsetMm === undefined
        ? undefined
        : { mm: input.offsetMm, halfWidthMm: input.offsetDoubtMm ?? USUAL_DOUBT_MM },
    headroom: exact(input.headroomMm),
    'side-room': exact(input.sideRoomMm),
    'core-projection': exact(input.projectionMm),
    'core-bored': exact(input.boredMm),
    edge: exact(input.voidMm),
  };
  return {
    choices: {
      ...requestedChoices(input, 'inFree'),
      threadId: thread.id,
      parentId: input.parent,
      stuck: input.what,
      kind: input.through ? 'through' : 'blind',
    },
    readings: Object.fromEntries(Object.entries(readings).filter(([, read]) => read !== undefined)),
    generations: [],
  };
}

/** Means, chances and the plan of the core drilling for one line of JSON. */
export function freeOf(input: PlannerInput<'free'>, thread: Thread, rack: Rack): object {
  const owned = { ...NOTHING_LISTED, extractorDrillsMm: input.extractorDrillsMm ?? null };
  const shop = { rules: { ...DEFAULT_HOUSE_RULES, kit: owned }, rack };
  const freeing = weighFreeing(inputsOf(input, thread), shop, { ok: false, missing: [] }, input.tried ?? []);
  if (freeing === null) throw new InputError('case-incomplete', 'request', ['what is stuck']);
  const { stuck, means } = freeing;
  const said = means.map((row) => ({ ...row, ...sayMeans(row, SAY.mm) }));
  const cardOf = (plan: CorePlan | null) => freeingCard(stuck, means[0]!, plan, SAY.mm);
  const prevent = preventNextTap(stuck);
  const around = {
    before: beforeFreeing(stuck).map(beforeWords),
    cautions: cautionsOf(stuck),
    preventNext: prevent && preventWords(prevent, SAY.mm),
  };
  if (!drillsToCore(means)) return { ...around, means: said, card: cardOf(null), harm: null };
  const { depthMm, spareShare, trials } = input;
  const drilling: CoreDrilling = { ...freeing.drilling, depthMm, spareShare, trials };
  const measured = drilling.measuredOffset ?? null;
  const trial = harmInput(stuck, drilling);
  const harm = chanceOfHarm({ ...trial, random: seededRandom(input.seed ?? 1) });
  const after =
    measured && input.drilledMm !== undefined
      ? afterStep(stuck, trial, input.drilledMm, measured, harm.recommendedMm)
      : null;
  const plan =
    harm.recommendedMm === null ? null : corePlan(stuck, trial.window, harm.recommendedMm, measured?.mm ?? 0);
  return {
    ...around,
    means: said,
    card: cardOf(plan),
    window: trial.window,
    harm,
    plan,
    afterStep: after && { ...after, words: afterStepWords(after, SAY.mm) },
  };
}
