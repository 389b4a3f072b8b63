import { LOCKER } from '../../../facts/fluids/index.ts';
import { FULL_RACK } from '../../../facts/drills/index.ts';
import {
  COIL_LENGTHS_D,
  coilEffectiveLengthMm,
  coilHole,
  coilIsMadeFor,
  LEAST_SET_DOWN_TURNS,
} from '../../../facts/inserts/index.ts';
import type { CoilHole } from '../../../facts/inserts/index.ts';
import { isBolted, sealsOnFace, type HoleCase } from '../../../judge/hole/index.ts';
import { compareVerdicts, worstVerdict } from '../../../basis/checks/index.ts';
import { COUNTERSINK_OVER_MM, drillPointMm, drillStopMm } from '../../cutting/index.ts';
import { judgeCleanUp } from '../checks/cleanUp.ts';
import { judgeCoilDepth } from '../checks/coilDepth.ts';
import { judgeCoilRoom } from '../checks/coilRoom.ts';
import { judgeDrill } from '../checks/drill.ts';
import { judgePlugReach } from '../checks/plugReach.ts';
import { judgeScrewReach } from '../checks/screwReach.ts';
import { carriedBy, judgeStrength, type StrengthResult } from '../checks/strength.ts';
import { TURNS_HOLD } from '../checks/turns.ts';
import { judgeWall } from '../checks/wall.ts';
import { chooseCoilDrill } from '../coilDrill.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { noSteps, type Method } from '../Method.ts';
import { mostReachMm } from '../reach.ts';
import { wornBoreOf } from '../stripInput.ts';
import type { Proposed, RouteContext } from '../Route.ts';

export type CoilOwn = { locking: boolean; cool: boolean; nominalMm: number };

/** Free or locking, dry or with locker: by how it is loaded, how often it is undone and how hot it gets (rule of thumb). */
function ownOf({ joint }: HoleCase): Omit<CoilOwn, 'nominalMm'> {
  const pulsates = joint.demand.mode === 'preload' && joint.demand.load === 'pulsating';
  return {
    locking: (pulsates || joint.cause === 'vibration') && joint.undone === 'rarely',
    cool: joint.serviceC === null || joint.serviceC <= LOCKER.mediumC,
  };
}

const isUsual = ({ lengthD }: CoilLength): boolean => COIL_LENGTHS_D.some((usual) => Math.abs(usual - lengthD) < 1e-9);
const inMm = ({ nominalMm }: CoilLength): string => `${Number(nominalMm.toFixed(2))}`;

/** How a length of coil is said: 1.5 D, or in millimetres where it was cut to a reach. @example coilLengthWords({ lengthD: 1.5, nominalMm: 12 }) // '1.5 D' */
export const coilLengthWords = (length: CoilLength): string =>
  isUsual(length) ? `${length.lengthD} D` : `${inMm(length)} mm long`;
const coilLengthKey = (length: CoilLength): string => (isUsual(length) ? `${length.lengthD}D` : `${inMm(length)}mm`);

export const coilWords = ({ locking, cool }: CoilOwn): string =>
  `${locking ? 'a locking coil holds a screw that shakes' : 'a free-running coil'}, set dry${cool ? '; with thread locker only where it could turn' : '; no thread locker at this temperature'}`;

/** Where a washer or seat presses on the face the coil starts so many turns down instead of under a countersink. */
const SET_DOWN_AT_SEAT_TURNS = 1;
/** With less than this under it a seat lifts the first turn (our estimate). */
const LEAST_AT_SEAT_TURNS = 0.5;

/** A coil as it is bought: by multiples of the diameter, or by a plug's reach. */
export interface CoilLength {
  nominalMm: number;
  lengthD: number;
}

/** Does the coil fit, how far down does it sit, and how deep is a blind hole drilled for it? */
function coilDepth(hole: HoleCase, own: { nominalMm: number; countersinkMm: number; drillMm: number }) {
  const { nominalMm, countersinkMm, drillMm } = own;
  const { pitchMm } = hole.thread;
  const atSeat = sealsOnFace(hole);
  const houseSetDownMm = (atSeat ? SET_DOWN_AT_SEAT_TURNS : hole.rules.coilSetDownTurns) * pitchMm;
  if (hole.kind === 'through') {
    const leastTurns = atSeat ? LEAST_AT_SEAT_TURNS : LEAST_SET_DOWN_TURNS;
    const leastSetDownMm = Math.min(houseSetDownMm, leastTurns * pitchMm);
    const room = judgeCoilRoom(hole, { countersinkMm, nominalMm, pitchMm, houseSetDownMm, leastSetDownMm });
    return { ...room, lastLead: null, shoulderMm: hole.depth.mm };
  }
  const { check, last } = judgeCoilDepth(hole, { nominalMm, pitchMm, drillMm });
  const fullThreadMm = nominalMm + pitchMm;
  const shoulderMm = last ? drillStopMm({ cylinderMm: hole.depth.mm, pitchMm, fullThreadMm, ...last }) : hole.depth.mm;
  return { check, setDownMm: houseSetDownMm, lastLead: last?.leadThreads ?? null, shoulderMm };
}

/** The worst of its strength checks. */
const worstOf = ({ checks }: StrengthResult) => worstVerdict(checks.map(({ verdict }) => verdict));

/**
 * Thread of the screw in the coil, and its strength: with the present screw where that is enough, else with a longer one,
 * which the plan then prescribes. What is no screw or stud has the reach that its maker gave it.
 */
function screwInCoil(
  context: RouteContext,
  coil: CoilHole,
  from: { insertFromMm: number; effectiveMm: number; boreMm: number },
) {
  const { hole, made } = context;
  const { insertFromMm, effectiveMm } = from;
  const engagedAt = (reachMm: number) => Math.max(0, Math.min(effectiveMm, reachMm - insertFromMm));
  const reach = hole.joint.screwReach;
  const judge = (mm: number, halfWidthMm: number) =>
    judgeStrength({
      context,
      thread: hole.thread,
      engagement: { mm, halfWidthMm },
      coil,
      boreMm: from.boreMm,
      oval: wornBoreOf(hole),
      cutMm: coil.majorMm,
    });
  const longestMm = engagedAt(isBolted(hole) ? mostReachMm(hole, hole.thread) : made.reachMm);
  if (reach === null) return { inCoilMm: longestMm, strength: judge(longestMm, 0), longer: false };
  const presentMm = engagedAt(reach.mm);
  const strength = judge(presentMm, presentMm < effectiveMm ? reach.halfWidthMm : 0);
  const verdict = worstOf(strength);
  const enough = verdict === 'holds' && presentMm >= TURNS_HOLD * hole.thread.pitchMm;
  if (enough || !isBolted(hole) || longestMm <= presentMm) return { inCoilMm: presentMm, strength, longer: false };
  const prescribed = judge(longestMm, 0);
  return compareVerdicts(worstOf(prescribed), verdict) < 0 || verdict === 'holds'
    ? { inCoilMm: longestMm, strength: prescribed, longer: true }
    : { inCoilMm: presentMm, strength, longer: false };
}

/** One length of coil in a hole. `cutsNothing`: its tapped hole is there and sound. */
export function coilRoute(context: RouteContext, length: CoilLength, cutsNothing = false): Proposed<CoilOwn> {
  const { nominalMm, lengthD } = length;
  const { hole, assessment } = context;
  const { thread } = hole;
  const coil = coilHole(thread);
  const { best, substitutes } = chooseCoilDrill(hole, coil);
  // Nothing fit in the rack: the size that is to be got, one that is made.
  const toGet = best ?? chooseCoilDrill({ ...hole, rack: FULL_RACK }, coil).best;
  const drillMm = toGet?.drill.diameterMm ?? coil.minorMinMm;
  const boreMm = best?.expectedBoreMm ?? coil.minorMinMm;
  const countersinkMm =
    cutsNothing || sealsOnFace(hole) ? 0 : Math.max(0, (coil.majorMm + COUNTERSINK_OVER_MM - drillMm) / 2);
  const { check, setDownMm, lastLead, shoulderMm } = coilDepth(hole, { nominalMm, countersinkMm, drillMm });
  const insertFromMm = countersinkMm + setDownMm;
  const effectiveMm = coilEffectiveLengthMm(nominalMm, thread.pitchMm);
  const { inCoilMm, strength, longer } = screwInCoil(context, coil, { insertFromMm, effectiveMm, boreMm });
  const wantsReachMm = insertFromMm + inCoilMm;
  const blind = hole.kind === 'blind';
  return {
    id: `${cutsNothing ? 'new-coil' : 'wire-coil'}:${thread.id}:${coilLengthKey(length)}`,
    title: `${cutsNothing ? 'New coil in the same thread' : 'Wire coil'}, ${coilLengthWords(length)}`,
    thread,
    insertLengthD: lengthD,
    cut: {
      drill: cutsNothing ? null : best,
      drillMm: cutsNothing ? null : drillMm,
      boreMm,
      majorMm: coil.majorMm,
      thread: null,
      outermostMm: Math.max(coil.majorMm, assessment.outermostCutMm),
      tapName: coil.tapName,
      tapLeads: cutsNothing ? [] : !blind || lastLead === null || lastLead === 4 ? [4] : [4, lastLead],
    },
    depths: {
      fullThreadFromMm: 0,
      fullThreadToMm: blind ? nominalMm + thread.pitchMm : hole.depth.mm,
      drillShoulderMm: shoulderMm,
      drillTipMm: blind && !cutsNothing ? shoulderMm + drillPointMm(drillMm) : shoulderMm,
      insertFromMm,
      insertToMm: insertFromMm + effectiveMm,
      countersinkMm,
      screwReachMm: wantsReachMm,
    },
    engagementMm: inCoilMm,
    ...carriedBy(strength),
    checks: [
      ...(cutsNothing ? [] : [judgeDrill(best, drillMm), judgeCleanUp(assessment, drillMm, coil.pitchMinMm)]),
      check,
      ...strength.checks,
      ...judgeWall(hole, coil.majorMm, !cutsNothing),
      ...(longer
        ? [judgeScrewReach({ reachMm: hole.joint.screwReach!.mm, wantsMm: wantsReachMm, coilMm: effectiveMm })]
        : []),
      ...judgePlugReach(hole, insertFromMm + effectiveMm),
    ],
    substitutes: cutsNothing ? [] : substitutes,
    workings: [{ kind: 'coil-hole', facts: coil }, ...strength.workings],
    own: { ...ownOf(hole), nominalMm },
  };
}

/** The lengths that a hole is offered: multiples of the diameter, and for a spark plug the one that ends flush in the chamber. */
export function coilLengths(hole: HoleCase): CoilLength[] {
  const { majorMm, pitchMm } = hole.thread;
  // A shop that lists its coils is offered those, by their real lengths.
  const held = (hole.rules.kit?.coilLengths ?? []).filter(({ threadId }) => threadId === hole.thread.id);
  const byD =
    held.length > 0
      ? held
          .map(({ lengthMm }) => ({ lengthD: lengthMm / majorMm, nominalMm: lengthMm }))
          .sort((a, b) => a.lengthD - b.lengthD)
      : COIL_LENGTHS_D.map((lengthD) => ({ lengthD, nominalMm: lengthD * majorMm }));
  if (hole.joint.screwedIn !== 'spark-plug') return byD;
  // At the shallow end of the reading it must not stand into the chamber.
  const toChamberMm = hole.depth.mm - hole.depth.halfWidthMm - SET_DOWN_AT_SEAT_TURNS * pitchMm + pitchMm;
  const nominalMm = Math.floor(toChamberMm * 2) / 2;
  return byD.some((usual) => usual.nominalMm === nominalMm)
    ? byD
    : [...byD, { nominalMm, lengthD: nominalMm / majorMm }];
}

/** Wire coil insert in every length made; none for forms that no coil is wound for. */
export const wireCoil: Method<CoilOwn> = {
  propose: (context) =>
    coilIsMadeFor(context.hole.thread) ? coilLengths(context.hole).map((length) => coilRoute(context, length)) : [],
  whyNothing: ({ thread }) =>
    thread.family === 'whitworth' || thread.family === 'ba'
      ? `a coil for ${thread.designation} is a special, to be ordered with its own tap`
      : `no coil is wound for ${thread.designation}`,
  notes: (route) => [
    ...fastenerNote(route),
    coilWords(route.own),
    ...(route.thread.hand === 'left' ? ['a left-hand coil and its tap are specials: to be ordered'] : []),
  ],
  steps: noSteps,
};
