import type { Facts } from '../../basis/checks/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import { threadGeometry } from '../../facts/threads/index.ts';
import { TIP_PITCHES } from '../../judge/hole/index.ts';
import { drillPointMm, drillStopMm } from '../cutting/index.ts';
import { judgeCleanUp } from './checks/cleanUp.ts';
import { judgeDrill } from './checks/drill.ts';
import type { Check } from './checks/registry.ts';
import { carriedBy, judgeStrength } from './checks/strength.ts';
import { judgeWall } from './checks/wall.ts';
import type { Proposed, RouteContext } from './Route.ts';
import { prescribedTo } from './reach.ts';
import { wornBoreOf } from './stripInput.ts';
import { LAST_LEAD, tapInParent } from './tapInParent.ts';

/** Longer than this, in diameters of the thread inside, a bush or plug carries no more (rule of thumb). */
const LONGEST_D = 2;

/** What a bush, a keyed bush and a plug share: a larger thread cut in the parent, and the old thread inside what fills it. */
export function sleeveRoute<Own extends Facts>(
  context: RouteContext,
  outer: Thread,
  variant: {
    id: string;
    title: string;
    /** Outermost cut where it is more than the outer thread. */
    outermostMm?: number;
    /** Shear strength of the bush's or plug's own metal: the thread inside it is checked too. */
    insideShearMpa: number;
    checks: Check[];
    own: Own;
  },
): Proposed<Own> {
  const { hole, assessment } = context;
  const { thread } = hole;
  const blind = hole.kind === 'blind';
  const { choice, drillMm, boreMm, reachMm } = tapInParent(hole, outer);
  const lengthMm = Math.min(reachMm, LONGEST_D * thread.majorMm);
  const engagement = {
    mm: Math.max(0, Math.min(lengthMm - thread.pitchMm, prescribedTo(context, lengthMm, thread))),
    halfWidthMm: hole.depth.halfWidthMm,
  };
  const strength = judgeStrength({
    context,
    thread,
    engagement,
    outer,
    boreMm,
    oval: wornBoreOf(hole),
    insideShearMpa: variant.insideShearMpa,
    cutMm: outer.majorMm,
  });
  const cutMm = variant.outermostMm ?? outer.majorMm;
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
    id: variant.id,
    title: variant.title,
    thread,
    insertLengthD: null,
    cut: {
      drill: choice.best,
      drillMm,
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
      // What carries, and the screw’s point: no deeper than the room that a coarse thread leaves at the bottom.
      screwReachMm: engagement.mm + TIP_PITCHES * thread.pitchMm,
    },
    engagementMm: engagement.mm,
    insideShearMpa: variant.insideShearMpa,
    ...carriedBy(strength),
    checks: [
      judgeDrill(choice.best, drillMm),
      judgeCleanUp(assessment, drillMm, threadGeometry(outer).pitchDiameterMm),
      ...strength.checks,
      ...judgeWall(hole, cutMm, true),
      ...variant.checks,
    ],
    substitutes: [...choice.smaller.slice(0, 2), ...choice.larger.slice(0, 2)],
    workings: [{ kind: 'share', facts: { thread: outer, boreMm: drillMm } }, ...strength.workings],
    own: variant.own,
  };
}
