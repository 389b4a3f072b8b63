import type { PlannerInput } from '@deep-mend/contract/planner';
import {
  DEFAULT_HOUSE_RULES,
  InputError,
  minutesOf,
  NOTHING_LISTED,
  SAY,
  sayStep,
  weighCase,
  writeWorkCard,
  type HoleCase,
  type HouseRules,
  type Proposal,
  type Rack,
  type Route,
  type Thread,
} from '@deep-mend/core';
import { holeOf } from './holeOf.ts';

/** The shop that a request describes: what it leaves out was never listed or settled. */
function rulesOf({ machines, practice, tools, fluids, tapNames }: PlannerInput<'workcard'>): Partial<HouseRules> {
  return {
    ...(machines ? { machines } : {}),
    ...(practice ? { practice } : {}),
    ...(tapNames ? { tapNames } : {}),
    kit: { ...NOTHING_LISTED, tools: tools ?? null, fluids: fluids ?? null },
  };
}

/** The way that a request names, or begins to name; the first that holds, where it names none. Throws `unknown-route`. */
export function wantedRoute(hole: HoleCase, wanted: string | undefined): { proposal: Proposal; route: Route } {
  const proposal = weighCase(hole);
  const standing = proposal.routes.filter(({ verdict }) => verdict !== 'does-not-hold');
  const route = standing.find(({ id }) => wanted === undefined || id === wanted || id.startsWith(`${wanted}:`));
  if (!route)
    throw new InputError(
      'unknown-route',
      wanted ?? 'any',
      standing.map(({ id }) => id),
    );
  return { proposal, route };
}

/** The card of one way of mending, as facts and in words. A way that does not hold has none. */
export function cardOf(input: PlannerInput<'workcard'>, thread: Thread, rack: Rack): object {
  const {
    route: wanted,
    units = 'mm',
    machines: _m,
    practice: _p,
    tools: _t,
    fluids: _f,
    tapNames: _n,
    ...rest
  } = input;
  const built = holeOf(rest, thread, rack);
  const hole = { ...built, rules: { ...DEFAULT_HOUSE_RULES, ...built.rules, ...rulesOf(input) } };
  const { route } = wantedRoute(hole, wanted);
  const steps = writeWorkCard(hole, route);
  return {
    route: route.id,
    title: route.title,
    verdict: route.verdict,
    minutes: minutesOf(steps),
    steps: steps.map((step) => ({ ...sayStep(step, SAY[units]), facts: step.facts })),
  };
}
