import type { Facts } from '../../basis/checks/index.ts';
import { breakLoadN } from '../../judge/strength/index.ts';
import { fastenerFor } from './checks/strength.ts';
import type { Proposed, RouteContext } from './Route.ts';

/** A route that cuts no thread in the parent: everything about depth and cut is as the hole stands. */
export function withoutThread<Own extends Facts>(
  { hole, assessment }: RouteContext,
  own: Pick<Proposed<Own>, 'id' | 'title' | 'checks' | 'own'> & Partial<Proposed<Own>>,
): Proposed<Own> {
  const { fastener, taken } = fastenerFor(hole, hole.thread);
  return {
    thread: hole.thread,
    fastener: taken,
    insertLengthD: null,
    cut: {
      drill: null,
      boreMm: assessment.cleanUp.mm,
      majorMm: hole.thread.majorMm,
      thread: null,
      outermostMm: assessment.outermostCutMm,
      tapName: '',
      tapLeads: [],
    },
    depths: {
      fullThreadFromMm: 0,
      fullThreadToMm: 0,
      drillShoulderMm: hole.depth.mm,
      drillTipMm: hole.depth.mm,
      insertFromMm: null,
      insertToMm: null,
      countersinkMm: 0,
      screwReachMm: hole.joint.screwReach?.mm ?? hole.depth.mm,
    },
    engagementMm: 0,
    balanceEngagementMm: null,
    stripLoadN: null,
    stripLeastN: null,
    breakLoadN: breakLoadN(hole.thread, fastener),
    substitutes: [],
    workings: [],
    ...own,
  };
}
