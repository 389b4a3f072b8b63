import { compareVerdicts, worstFirst, worstVerdict } from '../../basis/checks/index.ts';
import { spokenLength } from '../../basis/units/index.ts';
import { USUAL_RATES } from '../../judge/hole/index.ts';
import { mostTorque, mostTorqueWorking } from '../../judge/strength/index.ts';
import { sharedChecks } from './checks/sharedChecks.ts';
import { metalReserve } from './metalReserve.ts';
import type { BareRoute, Route } from './Route.ts';
import type { RouteContext } from './RouteContext.ts';
import { FETCH_MINUTES, toFetch } from './toFetch.ts';
import { torqueAsked } from './torqueAsked.ts';
import { METHOD_TRAITS } from './traits.ts';

/** A counter-drill is worth its trouble from so many turns of thread that buy nothing (our estimate). */
const COUNTER_DRILL_FROM_TURNS = 4;
/** Engagement kept over balance, as in "fastener breaks first". */
const KEPT_OVER_BALANCE = 1.25;

/**
 * Depth that may be bored clear at the mouth of a new thread: what is left of it, rounded up to half a turn, still carries
 * 1.25 of the need, and the screw still reaches it.
 */
function counterDrillMm({ hole }: RouteContext, route: BareRoute): number | null {
  if (route.method !== 'oversize' || route.balanceEngagementMm === null) return null;
  const halfTurn = route.thread.pitchMm / 2;
  const keptMm = Math.ceil((KEPT_OVER_BALANCE * route.balanceEngagementMm) / halfTurn - 1e-9) * halfTurn;
  const spareMm = route.engagementMm - keptMm;
  if (spareMm < COUNTER_DRILL_FROM_TURNS * route.thread.pitchMm) return null;
  const reach = hole.joint.screwReach;
  const reachSpareMm = reach === null ? spareMm : Math.min(spareMm, reach.mm - keptMm);
  return reachSpareMm >= COUNTER_DRILL_FROM_TURNS * route.thread.pitchMm ? Math.floor(reachSpareMm * 2) / 2 : null;
}

/** The screw to put back, by its length under the head, where the grip is known. */
function lengthNote({ hole }: RouteContext, route: BareRoute): string[] {
  const { grip } = hole.joint;
  if (grip === null || route.engagementMm <= 0) return [];
  return [`the screw to go with it is about ${spokenLength(grip.mm + route.depths.screwReachMm)} long under its head`];
}

/** Fills in what is the same for every method: shared checks, verdict, metal, economics, and what may be bored clear. */
export function complete(context: RouteContext, route: BareRoute): Route {
  const { hole } = context;
  const traits = METHOD_TRAITS[route.method];
  const checks = worstFirst([...route.checks, ...sharedChecks(context, route, traits)]);
  const rates = hole.rules.rates ?? USUAL_RATES;
  const asked = traits.threadCarries ? torqueAsked(hole, route) : null;
  const fetch = toFetch(route, hole.rules.kit);
  const counterMm = counterDrillMm(context, route);
  const keptMm = counterMm === null ? 0 : route.engagementMm - counterMm;
  // Field by field, not by spreading: fourteen methods give fourteen shapes of object, and a spread of many shapes cost an
  // eighth of the whole proposal. Every route has one shape from here on; `afterwards` and
  // `because` are filled in when all routes are known.
  return {
    id: route.id,
    method: route.method,
    title: route.title,
    thread: route.thread,
    fastenerName: route.fastenerName,
    insertLengthD: route.insertLengthD,
    cut: route.cut,
    depths: route.depths,
    engagementMm: route.engagementMm,
    balanceEngagementMm: route.balanceEngagementMm,
    stripLoadN: route.stripLoadN,
    breakLoadN: route.breakLoadN,
    substitutes: route.substitutes,
    workings: asked ? [...route.workings, () => mostTorqueWorking(asked)] : route.workings,
    checks,
    verdict: worstVerdict(checks.map((check) => check.verdict)),
    reserve: metalReserve(hole, route.cut.outermostMm),
    torque: asked && mostTorque(asked),
    minutes: traits.minutes + (fetch.length > 0 ? FETCH_MINUTES : 0),
    toFetch: fetch,
    cost: (traits.minutes / 60) * rates.perHour + traits.parts + (route.method === 'send-out' ? rates.sentOut : 0),
    fastenerChange: traits.fastenerChange,
    mateEffect: route.mateEffect ?? '',
    reversible: traits.reversible,
    afterwards: [],
    ownSteps: route.ownSteps ?? [],
    counterDrillMm: counterMm,
    notes:
      counterMm === null
        ? [...route.notes, ...lengthNote(context, route)]
        : [
            ...route.notes,
            ...lengthNote(context, route),
            `more thread than ${spokenLength(keptMm)} buys nothing: the first ${spokenLength(counterMm)} may be counter-drilled clear, the screw still reaches`,
          ],
    because: () => '',
  };
}

/** As many as a person reads, and a cut that is really larger. */
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
      const { name } = METHOD_TRAITS[other.method];
      if (other.cut.outermostMm > route.cut.outermostMm + REALLY_MORE_MM && !afterwards.includes(name))
        afterwards.push(name);
    }
  }
}
