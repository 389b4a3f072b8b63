import { WAYS, type WayId } from './facts/ways/index.ts';
import { assess, type Assessment } from './judge/damage/index.ts';
import {
  caseFromInputs,
  type CaseInputs,
  type HoleCase,
  type MissingInput,
  type ShopRules,
} from './judge/hole/index.ts';
import {
  drillingFromInputs,
  proposeFreeing,
  spareShare,
  stuckFromInputs,
  type CoreDrilling,
  type Means,
  type StuckCase,
} from './plan/freeing/index.ts';
import { routeDigest, type FrozenPlan } from './plan/freeze/index.ts';
import { proposeRoutes, type Proposal, type Route } from './plan/routes/index.ts';
import { isMended, readStored, type HoleEventBody, type HoleFile, type StoredEvent } from './record/events/index.ts';
import { foundMm } from './record/results/index.ts';

/**
 * The stages in the order in which data passes through them. Read this file first. Browser, server and planner call what it
 * exports; a stage gets what the one before made, it does not make it again.
 *
 *   events                                        observed and chosen (record/events)
 *     -> foldHole        the hole's file          record/history
 *     -> inputsOf        choices and readings     record/history
 *     -> identify        which thread it is, from poor evidence (when nobody knows)
 *     -> caseFromInputs  what is known, as one case; or what is missing
 *     -> assess          what the readings say about the hole
 *     -> proposeFreeing  what to try first, while something is stuck in it; its attempts are readings again
 *     -> proposeRoutes   every way of mending it, judged and ranked (ruled-out ones too)
 *     -> freezePlan      the route chosen, with its numbers and words; never moves
 *     -> writeWorkCard   the steps at the machine (frozen with the plan)
 *     -> proofStanding   what was found against what was planned
 *   -> a result may be a new reading, and the hole's next generation
 */
export { identify } from './judge/identify/index.ts';
export { foldHole, inputsOf, mayCut, stationOf } from './record/history/index.ts';
export { freezePlan } from './plan/freeze/index.ts';
export { writeWorkCard } from './plan/workcard/index.ts';
export { proofStanding } from './record/results/index.ts';

/** A case and what the readings say of it. */
export interface Judged {
  hole: HoleCase;
  assessment: Assessment;
}

/** What a hole's inputs come to: a case with its proposal, or what is still missing for one. */
export type Weighed = ({ ok: true; proposal: Proposal } & Judged) | { ok: false; missing: MissingInput[] };

/** Every way of mending one case. @example weighCase(blankCase({ thread: threadById('M8x1.25'), parent: parentById('grey-iron'), kind: 'through', depth: { mm: 20, halfWidthMm: 0 }, damageTo: { mm: 9, halfWidthMm: 0 } })).routes[0].method // 'longer-screw' */
export const weighCase = (hole: HoleCase): Proposal => proposeRoutes(hole, assess(hole));

/** From inputs to every way of mending, or to what is missing. */
export function weigh(inputs: CaseInputs, shop: ShopRules): Weighed {
  const built = caseFromInputs(inputs, shop);
  if (!built.ok) return built;
  const proposal = weighCase(built.hole);
  return { ok: true, hole: built.hole, assessment: proposal.assessment, proposal };
}

/** What sticks in a hole, how it would be drilled, and the means of freeing it in order of least harm. */
export interface Freeing {
  stuck: StuckCase;
  drilling: CoreDrilling;
  means: Means[];
}

/**
 * The loop of freeing, from the same inputs: null while nothing is stuck, or while thread or parent are not known. The
 * thread that the joint can spare comes from the way that keeps the old thread, where a case stands.
 */
export function weighFreeing(
  inputs: CaseInputs,
  shop: ShopRules,
  weighed: Weighed,
  tried: StuckCase['tried'] = [],
): Freeing | null {
  const stuck = stuckFromInputs(inputs, shop, tried);
  if (stuck === null) return null;
  return { stuck, drilling: drillingOf(inputs, weighed), means: proposeFreeing(stuck) };
}

/** How a stuck thing would be drilled, with the thread that the joint can spare where a case stands. */
export function drillingOf(inputs: CaseInputs, weighed: Weighed): CoreDrilling {
  const asItWas = weighed.ok ? weighed.proposal.routes.find(({ method }) => keepsThreadAndScrew(method)) : undefined;
  return {
    ...drillingFromInputs(inputs),
    ...(asItWas?.balanceEngagementMm
      ? { spareShare: spareShare(asItWas.engagementMm, asItWas.balanceEngagementMm) }
      : {}),
  };
}

const keepsThreadAndScrew = (method: WayId): boolean =>
  WAYS[method].followsHelix && WAYS[method].fastenerChange === 'kept';

type PlanInputs = NonNullable<HoleEventBody<'plan-frozen'>['payload']['inputs']>;

/**
 * The hole as a plan was made from it, where today's computation still gives the same numbers; null: it does not, or the plan is of
 * an engine that kept no inputs. Then nothing of it is drawn.
 */
export function plannedCase(
  plan: FrozenPlan,
  inputs: PlanInputs | null,
): { hole: HoleCase; assessment: Assessment; route: Route } | null {
  if (inputs === null) return null;
  const { rules, rack, ...known } = inputs;
  const weighed = weigh(known, { rules, rack });
  if (!weighed.ok) return null;
  const route = weighed.proposal.routes.find(({ id }) => id === plan.routeId);
  if (!route || routeDigest(route) !== plan.digest) return null;
  return { hole: weighed.hole, assessment: weighed.assessment, route };
}

/**
 * The hole as its last mend left it: the case and the way of its plan, and what was measured of the cut. Null: as made, or today's
 * computation no longer gives the plan's numbers.
 */
export function lastMendCase(file: Pick<HoleFile, 'mends'>, events: readonly StoredEvent[]) {
  const mend = file.mends.findLast(({ outcome }) => isMended(outcome));
  if (!mend?.plan) return null;
  for (const event of events) {
    const body = readStored(event);
    if (body.kind !== 'plan-frozen' || body.payload.planId !== mend.planId) continue;
    const drawn = plannedCase(mend.plan, body.payload.inputs);
    const measured = { boreMm: foundMm(mend.results, 'bore'), fullThreadMm: foundMm(mend.results, 'full-thread') };
    return drawn && { ...drawn, measured };
  }
  return null;
}
