import type { HoleCase } from '../../judge/hole/index.ts';
import { assess, type Assessment } from '../../judge/damage/index.ts';
import { coilIsMadeFor } from '../../facts/inserts/index.ts';
import { complete, fillAfterwards } from './complete.ts';
import { cleanUp } from './methods/cleanUp.ts';
import { keyedBush } from './methods/keyedBush.ts';
import { bondedStud } from './methods/bondedStud.ts';
import { leaveIt } from './methods/leaveIt.ts';
import { longerScrew } from './methods/longerScrew.ts';
import { moveHole } from './methods/moveHole.ts';
import { oversize } from './methods/oversize.ts';
import { plug } from './methods/plug.ts';
import { sendOut } from './methods/sendOut.ts';
import { solidBush } from './methods/solidBush.ts';
import { steppedStud } from './methods/steppedStud.ts';
import { throughBolt } from './methods/throughBolt.ts';
import { weld } from './methods/weld.ts';
import { wireCoil } from './methods/wireCoil.ts';
import { rankRoutes } from './rank.ts';
import type { MethodId, Route } from './Route.ts';
import type { RouteMethod } from './RouteContext.ts';

/** Every way of mending held: a new one is one file and one line. */
export const ROUTE_METHODS: Readonly<Record<MethodId, RouteMethod>> = {
  'leave-it': leaveIt,
  'clean-up': cleanUp,
  'longer-screw': longerScrew,
  'wire-coil': wireCoil,
  oversize,
  'stepped-stud': steppedStud,
  'solid-bush': solidBush,
  'keyed-bush': keyedBush,
  plug,
  'through-bolt': throughBolt,
  'bonded-stud': bondedStud,
  'move-hole': moveHole,
  weld,
  'send-out': sendOut,
};

const METHODS_IN_TURN = Object.entries(ROUTE_METHODS) as [MethodId, RouteMethod][];

export interface Proposal {
  assessment: Assessment;
  /** Best first; those that do not hold come last with their failed checks. */
  routes: Route[];
  /** Methods that have nothing to offer here, and why. */
  notOffered: { method: MethodId; because: string }[];
}

/** Why a method proposes nothing at all for this hole. */
function whyNothing(method: MethodId, hole: HoleCase): string {
  switch (method) {
    case 'wire-coil':
      return coilIsMadeFor(hole.thread) ? 'no length fits' : `no coil is wound for ${hole.thread.designation}`;
    case 'keyed-bush':
      return 'no keyed bush in the table is made for this thread beyond what is already cut';
    case 'stepped-stud':
      return 'the mating part may be opened, or is wide enough: a plain larger screw does it';
    case 'oversize':
      return 'no larger size is held in the usual series';
    default:
      return 'no outside thread held leaves it wall enough';
  }
}

/**
 * Every way of mending the hole, judged and ranked by the house rule.
 * Worked: case 1 of the tests gives `wire-coil:M8x1.25:1.5D` first.
 */
export function proposeRoutes(hole: HoleCase): Proposal {
  const assessment = assess(hole);
  const context = { hole, assessment };
  const notOffered: Proposal['notOffered'] = [];
  const proposed: Route[] = [];
  for (const [method, propose] of METHODS_IN_TURN) {
    const routes = propose(context);
    if (routes.length === 0) notOffered.push({ method, because: whyNothing(method, hole) });
    for (const route of routes) proposed.push(complete(context, route));
  }
  fillAfterwards(proposed);
  return { assessment, routes: rankRoutes(proposed, hole.thread.majorMm, hole.rules), notOffered };
}
