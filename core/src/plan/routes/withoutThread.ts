import type { Facts } from '../../basis/checks/index.ts';
import { breakLoadN } from '../../judge/strength/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import { plausibleFastener, takenFastener } from './fastener.ts';
import type { Proposed, RouteContext, RouteDepths } from './Route.ts';

/** Depths of a way that leaves the hole as it stands. */
export const depthsAsItStands = ({ depth, joint }: HoleCase): RouteDepths => ({
  fullThreadFromMm: 0,
  fullThreadToMm: 0,
  drillShoulderMm: depth.mm,
  drillTipMm: depth.mm,
  insertFromMm: null,
  insertToMm: null,
  countersinkMm: 0,
  screwReachMm: joint.screwReach?.mm ?? depth.mm,
});

/** A route that cuts no thread in the parent: everything about depth and cut is as the hole stands. */
export function withoutThread<Own extends Facts>(
  { hole, assessment }: RouteContext,
  own: Pick<Proposed<Own>, 'id' | 'title' | 'checks' | 'own'> & Partial<Proposed<Own>>,
): Proposed<Own> {
  const fastener = plausibleFastener(hole, hole.thread, 'unfavourable', 'thread');
  return {
    thread: hole.thread,
    fastener: takenFastener(hole, hole.thread),
    insertLengthD: null,
    cut: {
      drill: null,
      drillMm: null,
      boreMm: assessment.cleanUp.mm,
      majorMm: hole.thread.majorMm,
      thread: null,
      outermostMm: assessment.outermostCutMm,
      tapName: '',
      tapLeads: [],
    },
    depths: depthsAsItStands(hole),
    engagementMm: 0,
    balanceEngagementMm: null,
    stripLoadN: null,
    stripLeastN: null,
    needN: null,
    againstNew: null,
    breakLoadN: breakLoadN(hole.thread, fastener),
    substitutes: [],
    workings: [],
    ...own,
  };
}
