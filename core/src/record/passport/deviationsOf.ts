import type { UnitSystem } from '../../basis/units/index.ts';
import { stiffCauseName } from '../../plan/bench/index.ts';
import { STEP_ENDS, type MendEntry } from '../events/index.ts';

type Told = Pick<MendEntry, 'plan' | 'planId' | 'steps' | 'stiff' | 'supersededPlans'>;

/**
 * What was done otherwise than the plan in force says: planned again, steps left out or done in another way, tools that went stiff,
 * steps that nobody told of where others were told. What came out otherwise stands with the proofs.
 */
export function deviationsOf({ plan, planId, steps, stiff, supersededPlans }: Told, units: UnitSystem): string[] {
  if (!plan) return [];
  const said = plan.said[units].steps;
  const titleOfStep = (stepId: string): string => said.find(({ id }) => id === stepId)?.title ?? stepId;
  const told = steps.filter((step) => step.planId === planId);
  const atTheMachine = said.filter(({ afterProof }) => !afterProof);
  const untold = atTheMachine.filter(({ id }) => !told.some(({ stepId }) => stepId === id));
  return [
    ...(supersededPlans > 0 ? [`Planned ${supersededPlans + 1} times: what was found was not what was thought`] : []),
    ...told
      .filter(({ end }) => end !== 'done')
      .map(
        ({ stepId, end, note }) =>
          `${titleOfStep(stepId)}: ${STEP_ENDS.find(({ id }) => id === end)!.name}${note === '' ? '' : `, ${note}`}`,
      ),
    ...stiff
      .filter((entry) => entry.planId === planId)
      .map(
        ({ stepId, turns, cause, then }) =>
          `${titleOfStep(stepId)}: it went stiff${turns === null ? '' : ` after ${turns} turns`}, ${cause === 'unknown' ? 'nobody knows why' : stiffCauseName(cause).toLowerCase()}${then === 'broke' ? '; the tool broke' : ''}`,
      ),
    ...(told.length > 0 && untold.length > 0
      ? [`Nobody told of: ${untold.map(({ title }) => title.toLowerCase()).join('; ')}`]
      : []),
  ];
}
