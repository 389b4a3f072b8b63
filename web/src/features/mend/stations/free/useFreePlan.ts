import {
  afterStep,
  corePlan,
  coreWindow,
  drillsToCore,
  harmInput,
  leversOf,
  proposeFreeing,
  recommendedDrill,
  type AfterStep,
  type CoreDrilling,
  type CorePlan,
  type CoreWindow,
  type HarmInput,
  type HarmOfDrill,
  type Means,
  type StuckCase,
} from '@deep-mend/core';
import { useMemo } from 'react';
import { useHarm } from './useHarm.ts';

/** Everything that follows from what is known of a stuck thing. */
export interface FreePlan {
  stuck: StuckCase;
  drilling: CoreDrilling;
  drilledMm: number | null;
  means: Means[];
  window: CoreWindow;
  /** Null where it is not to be drilled. */
  question: Omit<HarmInput, 'random'> | null;
  harm: ReturnType<typeof useHarm>;
  best: HarmOfDrill | null;
  step: AfterStep | null;
  plan: CorePlan | null;
}

/** Means, chances and core plan of the stuck thing; null while there is none or another station is open. */
export function useFreePlan(
  stuck: StuckCase | null,
  drilling: CoreDrilling,
  drilledMm: number | null,
): FreePlan | null {
  const means = useMemo(() => (stuck ? proposeFreeing(stuck) : []), [stuck]);
  const peels = drillsToCore(means);
  const question = useMemo(
    () =>
      peels && stuck
        ? {
            input: harmInput(stuck, drilling),
            levers: leversOf(drilling, stuck.access).map((lever) => ({
              id: lever.id,
              input: harmInput(stuck, lever.drilling),
            })),
          }
        : null,
    [peels, stuck, drilling],
  );
  const harm = useHarm(question);
  if (!stuck) return null;
  const window = question?.input.window ?? coreWindow(stuck.thread, 'nominal');
  const best = harm.drills && question ? recommendedDrill(harm.drills, question.input) : null;
  const offset = drilling.measuredOffset ?? null;
  const step =
    question && offset !== null && drilledMm !== null
      ? afterStep(stuck, question.input, drilledMm, offset, best?.drillMm ?? null)
      : null;
  const lastMm = step ? step.lastMm : (best?.drillMm ?? null);
  const plan = peels && lastMm !== null ? corePlan(stuck, window, lastMm, offset?.mm ?? 0) : null;
  return { stuck, drilling, drilledMm, means, window, question: question?.input ?? null, harm, best, step, plan };
}
