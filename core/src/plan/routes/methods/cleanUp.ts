import type { Check } from '../../../basis/checks/index.ts';
import { spokenLength } from '../../../basis/units/index.ts';
import { internalLimits } from '../../../facts/threads/index.ts';
import { EARLIER_REPAIRS, type HoleCase, type Measured } from '../../../judge/hole/index.ts';
import type { Assessment } from '../../../judge/damage/index.ts';
import { strengthChecks } from '../checks/strengthCheck.ts';
import { wallCheck } from '../checks/wallCheck.ts';
import type { BareRoute, MethodId } from '../Route.ts';
import type { RouteMethod } from '../RouteContext.ts';

/** Sound thread that a screw needs before it is worth judging: under half a diameter it holds nothing worth the name. */
const LEAST_ENGAGEMENT_D = 0.5;

/** What cleaning up and a longer screw share: the thread stays, only the engagement differs. */
export function sameThreadRoute(
  hole: HoleCase,
  assessment: Assessment,
  variant: {
    id: string;
    method: MethodId;
    title: string;
    engagement: Measured;
    toMm: number;
    tapLeads: (4 | 2 | 1)[];
    checks: Check[];
    notes: string[];
  },
): BareRoute {
  const { thread } = hole;
  const strength = strengthChecks({
    hole,
    thread,
    engagement: variant.engagement,
    cutMm: assessment.outermostCutMm,
  });
  const leastMm = LEAST_ENGAGEMENT_D * thread.majorMm;
  const enough = variant.engagement.mm >= leastMm;
  const soundCheck: Check = {
    id: 'sound-thread',
    title: 'Sound thread to use',
    verdict: enough ? 'holds' : 'does-not-hold',
    value: variant.engagement.mm,
    valuePessimistic: variant.engagement.mm - variant.engagement.halfWidthMm,
    limit: leastMm,
    unit: 'mm',
    because: () =>
      variant.engagement.mm <= 0
        ? 'no sound thread is left'
        : `${spokenLength(variant.engagement.mm)} from ${spokenLength(hole.damageTo.mm)} to ${spokenLength(variant.toMm)}`,
    working: () => assessment.working[0]!,
  };
  const checks: Check[] = [...variant.checks, soundCheck, ...strength.checks];
  if (hole.earlierRepair !== null && hole.earlierRepair !== 'oversize') {
    checks.push({
      id: 'earlier-repair',
      title: 'Earlier repair',
      verdict: 'does-not-hold',
      value: null,
      valuePessimistic: null,
      limit: null,
      unit: 'none',
      because: () =>
        `the hole holds ${EARLIER_REPAIRS.find((row) => row.id === hole.earlierRepair)!.name}: a tap would cut that, not the parent`,
      working: null,
    });
  }
  checks.push(...wallCheck(hole, assessment.outermostCutMm, false));
  return {
    id: variant.id,
    method: variant.method,
    title: variant.title,
    thread,
    fastenerName: strength.fastener.name,
    insertLengthD: null,
    cut: {
      drill: null,
      boreMm: internalLimits(thread).minorMinMm,
      majorMm: thread.majorMm,
      thread,
      outermostMm: assessment.outermostCutMm,
      tapName: `${thread.designation} tap`,
      tapLeads: variant.tapLeads,
    },
    depths: {
      fullThreadFromMm: hole.damageTo.mm,
      fullThreadToMm: variant.toMm,
      drillShoulderMm: hole.depth.mm,
      drillTipMm: hole.depth.mm,
      insertFromMm: null,
      insertToMm: null,
      countersinkMm: 0,
      screwReachMm: variant.toMm,
    },
    engagementMm: Math.max(0, variant.engagement.mm),
    balanceEngagementMm: strength.balanceEngagementMm,
    stripLoadN: strength.strip.stripLoadN,
    stripLeastN: strength.stripLeastN,
    breakLoadN: strength.breakLoadN,
    checks,
    substitutes: [],
    workings: strength.workings,
    notes: [...variant.notes, ...strength.notes],
  };
}

/** Clean up by hand, following the old helix, and use the sound thread below the damage with the screw that is there. */
export const cleanUp: RouteMethod = ({ hole, assessment }) => {
  const reach = hole.joint.screwReach;
  const reachLimits = reach !== null && reach.mm < assessment.threadEnd.mm;
  const toMm = reachLimits ? reach.mm : assessment.threadEnd.mm;
  const endHalfWidth = reachLimits ? reach.halfWidthMm : assessment.threadEnd.halfWidthMm;
  const mm = hole.strippedThroughout ? 0 : Math.max(0, toMm - hole.damageTo.mm);
  return [
    sameThreadRoute(hole, assessment, {
      id: `clean-up:${hole.thread.id}`,
      method: 'clean-up',
      title: 'Clean up and reuse',
      engagement: { mm, halfWidthMm: mm > 0 ? Math.hypot(endHalfWidth, hole.damageTo.halfWidthMm) : 0 },
      toMm,
      tapLeads: hole.kind === 'through' ? [4] : [4, 2],
      checks: [],
      notes: reach === null ? ['the screw’s reach is not measured: taken to reach the end of the thread'] : [],
    }),
  ];
};
