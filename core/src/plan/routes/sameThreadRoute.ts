import type { Facts } from '../../basis/checks/index.ts';
import { internalLimits } from '../../facts/threads/index.ts';
import type { Measured } from '../../judge/hole/index.ts';
import { judgeEarlierRepair } from './checks/earlierRepair.ts';
import type { Check } from './checks/registry.ts';
import { judgeSoundThread } from './checks/soundThread.ts';
import { carriedBy, judgeStrength } from './checks/strength.ts';
import { judgeWall } from './checks/wall.ts';
import type { Proposed, RouteContext } from './Route.ts';
import { wornBoreOf } from './stripInput.ts';

/** What cleaning up and a longer screw share: the thread stays, only the engagement differs. */
export function sameThreadRoute<Own extends Facts>(
  context: RouteContext,
  variant: {
    id: string;
    title: string;
    engagement: Measured;
    /** Where the screw's reach is not known: engagement where it is what it usually is. */
    usualEngagement?: Measured;
    toMm: number;
    reachMm: number;
    tapLeads: (4 | 2 | 1)[];
    checks: Check[];
    own: Own;
  },
): Proposed<Own> {
  const { hole, assessment } = context;
  const { thread } = hole;
  const { engagement, toMm } = variant;
  const strength = judgeStrength({
    context,
    thread,
    engagement,
    ...(variant.usualEngagement ? { usualEngagement: variant.usualEngagement } : {}),
    // A bore read with no damage stated holds for the whole thread.
    oval: hole.damageTo.mm === 0 ? wornBoreOf(hole) : null,
    cutMm: assessment.outermostCutMm,
  });
  return {
    id: variant.id,
    title: variant.title,
    thread,
    insertLengthD: null,
    cut: {
      drill: null,
      drillMm: null,
      boreMm: internalLimits(thread).minorMinMm,
      majorMm: thread.majorMm,
      thread,
      outermostMm: assessment.outermostCutMm,
      tapName: `${thread.designation} tap`,
      tapLeads: variant.tapLeads,
    },
    depths: {
      fullThreadFromMm: hole.damageTo.mm,
      fullThreadToMm: toMm,
      drillShoulderMm: hole.depth.mm,
      drillTipMm: hole.depth.mm,
      insertFromMm: null,
      insertToMm: null,
      countersinkMm: 0,
      screwReachMm: variant.reachMm,
    },
    engagementMm: Math.max(0, engagement.mm),
    ...carriedBy(strength),
    checks: [
      ...variant.checks,
      judgeSoundThread(hole, assessment, variant.usualEngagement ?? engagement, toMm),
      ...strength.checks,
      ...judgeEarlierRepair(hole),
      ...judgeWall(hole, assessment.outermostCutMm, false),
    ],
    substitutes: [],
    workings: strength.workings,
    own: variant.own,
  };
}
