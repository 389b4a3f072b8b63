import { WAY_IDS, type WayId } from '../../facts/ways/index.ts';
import type { Assessment } from '../../judge/damage/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import { asMadeOf } from './asMade.ts';
import { complete, fillAfterwards } from './complete.ts';
import { METHODS, type Route } from './methods/registry.ts';
import { rankRoutes } from './rank.ts';
import type { RouteContext } from './Route.ts';

export interface Proposal {
  hole: HoleCase;
  assessment: Assessment;
  /** Best first; those that do not hold come last with their failed checks. */
  routes: Route[];
  /** Ways that have nothing to offer here. */
  notOffered: WayId[];
}

const proposeWay = <Id extends WayId>(context: RouteContext, id: Id): Route<Id>[] =>
  METHODS[id].propose(context).map((proposed) => complete(context, id, proposed));

/**
 * Every way of mending the hole, judged and ranked by the house rule, from what the readings say about it.
 * Worked: case 1 of the tests gives `wire-coil:M8x1.25:1.5D` first.
 */
export function proposeRoutes(hole: HoleCase, assessment: Assessment): Proposal {
  const context = { hole, assessment, made: asMadeOf(hole, assessment) };
  const notOffered: WayId[] = [];
  const proposed: Route[] = [];
  for (const id of WAY_IDS) {
    const routes: Route[] = proposeWay(context, id);
    if (routes.length === 0) notOffered.push(id);
    proposed.push(...routes);
  }
  fillAfterwards(proposed);
  return { hole, assessment, routes: rankRoutes(proposed, hole), notOffered };
}

/** Why a way has nothing to offer for a hole. */
export const whyNothing = (id: WayId, hole: HoleCase): string => METHODS[id].whyNothing(hole);
