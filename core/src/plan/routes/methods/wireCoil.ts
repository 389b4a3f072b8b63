import {
  COIL_LENGTHS_D,
  coilEffectiveLengthMm,
  coilHole,
  coilIsMadeFor,
  LEAST_SET_DOWN_TURNS,
} from '../../../facts/inserts/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { COUNTERSINK_OVER_MM, drillPointMm, drillStopMm } from '../../cutting/index.ts';
import { judgeCleanUp } from '../checks/cleanUp.ts';
import { judgeCoilDepth } from '../checks/coilDepth.ts';
import { judgeCoilRoom } from '../checks/coilRoom.ts';
import { judgeDrill } from '../checks/drill.ts';
import { judgeScrewReach } from '../checks/screwReach.ts';
import { judgeStrength } from '../checks/strength.ts';
import { judgeWall } from '../checks/wall.ts';
import { chooseCoilDrill } from '../coilDrill.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { noSteps, type Method } from '../Method.ts';
import type { Proposed, RouteContext } from '../Route.ts';

/** Medium thread locker lets go above this; its maker’s sheet wins (our estimate). */
const LOCKER_UP_TO_C = 150;

type Own = { locking: boolean; cool: boolean };

/** Free or locking, dry or with locker: by how it is loaded, how often it is undone and how hot it gets (rule of thumb). */
function ownOf({ joint }: HoleCase): Own {
  const pulsates = joint.demand.mode === 'preload' && joint.demand.load === 'pulsating';
  return {
    locking: pulsates && joint.undone === 'rarely',
    cool: joint.serviceC === null || joint.serviceC <= LOCKER_UP_TO_C,
  };
}

/** Does the coil fit, how far down does it sit, and how deep is a blind hole drilled for it? */
function coilDepth(hole: HoleCase, nominalMm: number, countersinkMm: number) {
  const { pitchMm } = hole.thread;
  const houseSetDownMm = hole.rules.coilSetDownTurns * pitchMm;
  if (hole.kind === 'through') {
    const leastSetDownMm = Math.min(houseSetDownMm, LEAST_SET_DOWN_TURNS * pitchMm);
    const room = judgeCoilRoom(hole, { countersinkMm, nominalMm, pitchMm, leastSetDownMm });
    return { ...room, lastLead: null, shoulderMm: hole.depth.mm };
  }
  const { check, budget } = judgeCoilDepth(hole, { nominalMm, pitchMm });
  const { last } = budget;
  const fullThreadMm = nominalMm + pitchMm;
  const shoulderMm = last ? drillStopMm({ cylinderMm: hole.depth.mm, pitchMm, fullThreadMm, ...last }) : hole.depth.mm;
  return { check, setDownMm: houseSetDownMm, lastLead: last?.leadThreads ?? null, shoulderMm };
}

function coilRoute({ hole, assessment }: RouteContext, lengthD: number): Proposed<Own> {
  const { thread } = hole;
  const coil = coilHole(thread);
  const nominalMm = lengthD * thread.majorMm;
  const { best, substitutes } = chooseCoilDrill(hole, coil);
  const drillMm = best?.drill.diameterMm ?? coil.minorMinMm;
  const countersinkMm = Math.max(0, (coil.majorMm + COUNTERSINK_OVER_MM - drillMm) / 2);
  const { check, setDownMm, lastLead, shoulderMm } = coilDepth(hole, nominalMm, countersinkMm);
  const insertFromMm = countersinkMm + setDownMm;
  const effectiveMm = coilEffectiveLengthMm(nominalMm, thread.pitchMm);
  const reach = hole.joint.screwReach;
  const inCoilMm = reach ? Math.max(0, Math.min(effectiveMm, reach.mm - insertFromMm)) : effectiveMm;
  const strength = judgeStrength({
    hole,
    thread,
    engagement: { mm: inCoilMm, halfWidthMm: reach && inCoilMm < effectiveMm ? reach.halfWidthMm : 0 },
    coil,
    cutMm: coil.majorMm,
  });
  const wantsReachMm = insertFromMm + effectiveMm;
  const blind = hole.kind === 'blind';
  return {
    id: `wire-coil:${thread.id}:${lengthD}D`,
    title: `Wire coil, ${lengthD} D`,
    thread,
    fastener: strength.fastener,
    insertLengthD: lengthD,
    cut: {
      drill: best,
      boreMm: best?.expectedBoreMm ?? coil.minorMinMm,
      majorMm: coil.majorMm,
      thread: null,
      outermostMm: Math.max(coil.majorMm, assessment.outermostCutMm),
      tapName: coil.tapName,
      tapLeads: !blind || lastLead === null || lastLead === 4 ? [4] : [4, lastLead],
    },
    depths: {
      fullThreadFromMm: 0,
      fullThreadToMm: blind ? nominalMm + thread.pitchMm : hole.depth.mm,
      drillShoulderMm: shoulderMm,
      drillTipMm: blind ? shoulderMm + drillPointMm(drillMm) : hole.depth.mm,
      insertFromMm,
      insertToMm: insertFromMm + effectiveMm,
      countersinkMm,
      screwReachMm: wantsReachMm,
    },
    engagementMm: inCoilMm,
    balanceEngagementMm: strength.balanceEngagementMm,
    stripLoadN: strength.strip.stripLoadN,
    stripLeastN: strength.stripLeastN,
    breakLoadN: strength.breakLoadN,
    checks: [
      judgeDrill(best, coil.minorMinMm),
      judgeCleanUp(assessment, drillMm, coil.pitchMinMm),
      check,
      ...strength.checks,
      ...judgeWall(hole, coil.majorMm, true),
      ...judgeScrewReach(reach, { wantsMm: wantsReachMm, usedMm: inCoilMm, coilMm: effectiveMm }),
    ],
    substitutes,
    workings: [{ kind: 'coil-hole', facts: coil }, ...strength.workings],
    own: ownOf(hole),
  };
}

/** Wire coil insert in every length made; none for forms that no coil is wound for. */
export const wireCoil: Method<Own> = {
  propose: (context) =>
    coilIsMadeFor(context.hole.thread) ? COIL_LENGTHS_D.map((lengthD) => coilRoute(context, lengthD)) : [],
  whyNothing: ({ thread }) => (coilIsMadeFor(thread) ? 'no length fits' : `no coil is wound for ${thread.designation}`),
  notes: (route) => [
    ...fastenerNote(route),
    `${route.own.locking ? 'a locking coil holds a screw that shakes' : 'a free-running coil'}, set dry${route.own.cool ? '; with thread locker only where it could turn' : '; no thread locker at this temperature'}`,
  ],
  steps: noSteps,
};
