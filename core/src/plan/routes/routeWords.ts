import { SAY, type Say } from '../../basis/units/index.ts';
import type { WayId } from '../../facts/ways/index.ts';
import { stepOf } from './checks/registry.ts';
import type { OwnStep } from './Method.ts';
import { METHODS, type Route, type RouteOwn } from './methods/registry.ts';

/** What to know about a route, as half sentences: its own, then what follows for the screw and the mouth. */
export function notesOf<Id extends WayId>(route: Route<Id>, say: Say): string[] {
  const { counterDrillMm, engagementMm, ownMends, screwLengthMm } = route;
  const notes = [...METHODS[route.method].notes(route, say)];
  if (screwLengthMm !== null)
    notes.push(`the screw to go with it is about ${say.length(screwLengthMm)} long under its head`);
  if (counterDrillMm !== null)
    notes.push(
      `more thread than ${say.length(engagementMm - counterDrillMm)} buys nothing: the first ${say.length(counterDrillMm)} may be counter-drilled clear, the screw still reaches`,
    );
  if (ownMends !== null) notes.push(`its time is this shop’s own, from ${ownMends} mends`);
  return notes;
}

/** Steps at the machine that only this way has. */
export const ownStepsOf = <Id extends WayId>(route: RouteOwn<Id>, say: Say): OwnStep[] =>
  METHODS[route.method].steps(route.own, say);

/** Something in this way cures, so that its thread is dry and free of oil before, and time passes after. */
export const curesIn = (route: RouteOwn): boolean => ownStepsOf(route, SAY.mm).some(({ cures }) => cures);

/** What it does to the mating part; empty: nothing. */
export function mateEffectOf(route: Route, say: Say): string {
  const mate = route.checks.find((check) => check.id === 'mate');
  return mate ? (stepOf(mate, say) ?? '') : '';
}
