import type { Check } from '../../../basis/checks/index.ts';
import { shareWorking } from '../../../facts/drills/index.ts';
import type { Thread } from '../../../facts/threads/index.ts';
import { threadGeometry } from '../../../facts/threads/index.ts';
import { drillPointMm, drillStopMm } from '../../cutting/index.ts';
import { cleanUpCheck } from '../checks/cleanUpCheck.ts';
import { drillCheck } from '../checks/drillCheck.ts';
import { strengthChecks } from '../checks/strengthCheck.ts';
import { wallCheck } from '../checks/wallCheck.ts';
import type { BareRoute, MethodId } from '../Route.ts';
import { LAST_LEAD, tapInParent } from '../tapInParent.ts';
import type { RouteContext } from '../RouteContext.ts';

/** Longer than this, in diameters of the thread inside, a bush or plug carries no more (rule of thumb). */
const LONGEST_D = 2;

/** What a bush, a keyed bush and a plug share: a larger thread cut in the parent, and the old thread inside what fills it. */
export function sleeveRoute(
  { hole, assessment }: RouteContext,
  outer: Thread,
  own: {
    id: string;
    method: MethodId;
    title: string;
    /** Outermost cut where it is more than the outer thread. */
    outermostMm?: number;
    checks: Check[];
    notes: string[];
    ownSteps: NonNullable<BareRoute['ownSteps']>;
  },
): BareRoute {
  const { thread } = hole;
  const blind = hole.kind === 'blind';
  const { choice, drillMm, boreMm, reachMm } = tapInParent(hole, outer);
  const lengthMm = Math.min(reachMm, LONGEST_D * thread.majorMm);
  const strength = strengthChecks({
    hole,
    thread,
    engagement: { mm: Math.max(0, lengthMm - thread.pitchMm), halfWidthMm: hole.depth.halfWidthMm },
    outer,
    cutMm: outer.majorMm,
  });
  const cutMm = own.outermostMm ?? outer.majorMm;
  const shoulderMm = blind
    ? drillStopMm({
        cylinderMm: hole.depth.mm,
        pitchMm: outer.pitchMm,
        fullThreadMm: lengthMm,
        leadThreads: LAST_LEAD,
        chipRoom: true,
      })
    : hole.depth.mm;
  return {
    id: own.id,
    method: own.method,
    title: own.title,
    thread,
    fastenerName: strength.fastener.name,
    insertLengthD: null,
    cut: {
      drill: choice.best,
      boreMm,
      majorMm: outer.majorMm,
      thread: outer,
      outermostMm: Math.max(cutMm, assessment.outermostCutMm),
      tapName: `${outer.designation} tap`,
      tapLeads: blind ? [4, 2] : [4],
    },
    depths: {
      fullThreadFromMm: 0,
      fullThreadToMm: lengthMm,
      drillShoulderMm: shoulderMm,
      drillTipMm: blind ? shoulderMm + drillPointMm(drillMm) : hole.depth.mm,
      insertFromMm: null,
      insertToMm: null,
      countersinkMm: 0,
      screwReachMm: lengthMm,
    },
    engagementMm: Math.max(0, lengthMm - thread.pitchMm),
    balanceEngagementMm: strength.balanceEngagementMm,
    stripLoadN: strength.strip.stripLoadN,
    stripLeastN: strength.stripLeastN,
    breakLoadN: strength.breakLoadN,
    checks: [
      drillCheck(choice.best, drillMm),
      cleanUpCheck(assessment, drillMm, threadGeometry(outer).pitchDiameterMm),
      ...strength.checks,
      ...wallCheck(hole, cutMm, true),
      ...own.checks,
    ],
    substitutes: [...choice.smaller.slice(0, 2), ...choice.larger.slice(0, 2)],
    workings: [() => shareWorking(outer, drillMm), ...strength.workings],
    notes: [...own.notes, ...strength.notes],
    ownSteps: own.ownSteps,
  };
}
