import type { PlannerInput } from '@deep-mend/contract/planner';
import { becauseOf, freezePlan, proofStanding, SAY, titleOf, type Rack, type Thread } from '@deep-mend/core';
import { wantedRoute } from './cardOf.ts';
import { holeOf } from './holeOf.ts';

/** What proves one way of mending, and how it stands by what was found. */
export function proveOf(
  { route: wanted, results, ...rest }: PlannerInput<'prove'>,
  thread: Thread,
  rack: Rack,
): object {
  const { proposal, route } = wantedRoute(holeOf(rest, thread, rack), wanted);
  const { expectations } = freezePlan(proposal, route.id);
  const { standing, rows, wants } = proofStanding({ expectations }, results);
  return {
    route: route.id,
    title: route.title,
    standing,
    wants: wants.map(({ id }) => id),
    proofs: rows.map(({ expectation, state, check, reason }) => ({
      ...expectation,
      state,
      ...(check ? { because: `${titleOf(check)}: ${becauseOf(check, SAY.mm)}` } : {}),
      ...(reason === null ? {} : { reason }),
    })),
  };
}
