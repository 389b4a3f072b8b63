import { compareVerdicts, worstFirst, worstVerdict, type Facts } from '../../basis/checks/index.ts';
import { WAYS, type WayId } from '../../facts/ways/index.ts';
import { isBolted, ownUsed, USUAL_RATES } from '../../judge/hole/index.ts';
import { torqueFacts } from '../../judge/strength/index.ts';
import { askedOf } from './checks/strength.ts';
import { TURNS_HOLD } from './checks/turns.ts';
import { metalReserve } from './metalReserve.ts';
import type { Proposed, Route, RouteContext, RouteOf } from './Route.ts';
import { namedTorque, torqueInputOf } from './namedTorque.ts';
import { sharedChecks } from './sharedChecks.ts';
import { FETCH_MINUTES, toFetch } from './toFetch.ts';
import { ticksOf } from './ticks.ts';

/** A counterbore is worth its trouble from so many turns of thread that buy nothing (our estimate). */
const COUNTER_DRILL_FROM_TURNS = 4;
/** Beside the turns that hold, so much of a diameter stays whatever the sum says. */
const KEPT_D = 1;

/**
 * Depth that may be bored clear at the mouth of a new thread: what is left of it, rounded up to half a turn, keeps three
 * turns and a diameter and the margin that the joint asks for at the pessimistic end, and the screw still reaches it. Never in
 * a hole that keeps something in or out, and never where someone can be hurt.
 */
function counterDrillMm(context: RouteContext, id: WayId, route: Proposed): number | null {
  const { hole } = context;
  if (!WAYS[id].goesUpASize || route.needN === null || !route.stripLeastN) return null;
  if (hole.joint.sealing !== 'none' || hole.duty !== 'ordinary' || !isBolted(hole)) return null;
  const { pitchMm, majorMm } = route.thread;
  const halfTurn = pitchMm / 2;
  const balanceMm = (askedOf(context).margin.holds * route.needN * route.engagementMm) / route.stripLeastN;
  const keptMm = Math.ceil(Math.max(balanceMm, TURNS_HOLD * pitchMm, KEPT_D * majorMm) / halfTurn - 1e-9) * halfTurn;
  const spareMm = route.engagementMm - keptMm;
  if (spareMm < COUNTER_DRILL_FROM_TURNS * route.thread.pitchMm) return null;
  const reach = hole.joint.screwReach;
  const reachSpareMm = reach === null ? spareMm : Math.min(spareMm, reach.mm - keptMm);
  return reachSpareMm >= COUNTER_DRILL_FROM_TURNS * route.thread.pitchMm ? Math.floor(reachSpareMm * 2) / 2 : null;
}

/** Fills in what is the same for every way: shared checks, verdict, metal, economics, and what may be bored clear. */
export function complete<Id extends WayId, Own extends Facts>(
  context: RouteContext,
  id: Id,
  proposed: Proposed<Own>,
): RouteOf<Id, Own> {
  const { hole } = context;
  const way = WAYS[id];
  const checks = worstFirst([...proposed.checks, ...sharedChecks(context, id, proposed)]);
  const rates = hole.rules.rates ?? USUAL_RATES;
  const torqueInput = way.threadCarries ? torqueInputOf(context, proposed) : null;
  const fetch = toFetch(id, proposed, hole.rules.kit);
  const { grip } = hole.joint;
  const own = ownUsed(hole.rules, 'minutes', id);
  const wayMinutes = own?.value ?? way.minutes;
  // Field by field, not by spreading: fourteen methods give fourteen shapes of object, and a spread of many shapes cost an
  // eighth of the whole proposal. Every route has one shape from here on; `afterwards` and `rank` are filled in when all
  // routes are known.
  return {
    id: proposed.id,
    method: id,
    title: proposed.title,
    thread: proposed.thread,
    fastenerName: proposed.fastener.name,
    fastenerTaken: proposed.fastener,
    insertLengthD: proposed.insertLengthD,
    cut: proposed.cut,
    depths: proposed.depths,
    engagementMm: proposed.engagementMm,
    insideShearMpa: proposed.insideShearMpa ?? null,
    balanceEngagementMm: proposed.balanceEngagementMm,
    stripLoadN: proposed.stripLoadN,
    needN: proposed.needN,
    againstNew: proposed.againstNew,
    breakLoadN: proposed.breakLoadN,
    substitutes: proposed.substitutes,
    workings: torqueInput
      ? [
          ...proposed.workings,
          ...(hole.joint.fastenerClassId === null
            ? []
            : [{ kind: 'torque', facts: torqueFacts(torqueInput) } as const]),
        ]
      : proposed.workings,
    own: proposed.own,
    checks,
    verdict: worstVerdict(checks.map((check) => check.verdict)),
    reserve: metalReserve(hole, proposed.cut.outermostMm),
    torque: torqueInput && namedTorque(context, torqueInput),
    ticks: ticksOf(hole, way, checks),
    screwLengthMm: grip === null || proposed.engagementMm <= 0 ? null : grip.mm + proposed.depths.screwReachMm,
    minutes: wayMinutes + (fetch.length > 0 ? FETCH_MINUTES : 0),
    toFetch: fetch,
    ownMends: own?.count ?? null,
    cost: (wayMinutes / 60) * rates.perHour + way.parts + (way.elsewhere ? rates.sentOut : 0),
    fastenerChange: way.fastenerChange,
    reversible: way.reversible,
    afterwards: [],
    counterDrillMm: counterDrillMm(context, id, proposed),
    rank: { over: 'nothing' },
  };
}

/** As many as a person reads, and a cut that is really larger (our estimates). */
const MOST_AFTERWARDS = 3;
const REALLY_MORE_MM = 0.05;

/** Fills in what could still be done in the same hole after each route: routes that stand and take more metal, least first. */
export function fillAfterwards(routes: readonly Route[]): void {
  const standing = routes
    .filter((route) => compareVerdicts(route.verdict, 'does-not-hold') < 0)
    .sort((a, b) => a.cut.outermostMm - b.cut.outermostMm);
  for (const route of routes) {
    const { afterwards } = route;
    for (const other of standing) {
      if (afterwards.length === MOST_AFTERWARDS) break;
      const { name } = WAYS[other.method];
      if (other.cut.outermostMm > route.cut.outermostMm + REALLY_MORE_MM && !afterwards.includes(name))
        afterwards.push(name);
    }
  }
}
