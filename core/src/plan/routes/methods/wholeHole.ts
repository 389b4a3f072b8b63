import type { Assessment } from '../../../judge/damage/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { breakLoadN } from '../../../judge/strength/index.ts';
import { fastenerFor } from '../checks/strengthCheck.ts';
import type { BareRoute } from '../Route.ts';

/** A route that cuts no thread in the parent: everything about depth and cut is as the hole stands. */
export function withoutThread(
  { hole, assessment }: { hole: HoleCase; assessment: Assessment },
  own: Pick<BareRoute, 'id' | 'method' | 'title' | 'checks' | 'notes'> & Partial<BareRoute>,
): BareRoute {
  const { fastener, assumed } = fastenerFor(hole, hole.thread);
  return {
    thread: hole.thread,
    fastenerName: fastener.name,
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
    notes: assumed ? [...own.notes, assumed] : own.notes,
  };
}
