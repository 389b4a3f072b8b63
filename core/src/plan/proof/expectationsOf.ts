import { LEAST_SET_DOWN_TURNS } from '../../facts/inserts/index.ts';
import { internalLimits, noGoTurns } from '../../facts/threads/index.ts';
import { WAYS } from '../../facts/ways/index.ts';
import { preloadN } from '../../judge/strength/index.ts';
import { goodOne, isBolted, keepsIn, sealsOnFace, serviceTakenC, type HoleCase } from '../../judge/hole/index.ts';
import { gapOfLeanMm, HEAD_D, headGapMm, TAP_LEAN_LIMIT_DEG } from '../cutting/index.ts';
import { isInner } from '../workcard/index.ts';
import { boreLimits, classLimits, threadToMm, type Route } from '../routes/index.ts';
import type { Expectation } from './Expectation.ts';
import { PROOF_KINDS, type ProofId } from './proofKinds.ts';

/** A coil may sit this much deeper than planned, in turns (insert practice). */
const SET_DOWN_OVER_TURNS = 0.5;
/** Hotter than this in service, a joint settles: it is tightened again after its first heat (our estimate). */
const SETTLES_C = 100;

/** What a wrench is set to, never above what is meant. */
const settableNm = (nm: number): number => (nm < 10 ? Math.floor(nm * 10) / 10 : Math.floor(nm));

/** What a pump is set to, N. */
const settableN = (newton: number): number => Math.floor(newton / SETTABLE_N) * SETTABLE_N;
const SETTABLE_N = 100;
/** A proof is reached in steps: what gives way early does so under half of it (practice). */
const PROOF_STEPS = [0.5, 0.75, 1] as const;
const inSteps = (all: number, settable: (value: number) => number): number[] =>
  PROOF_STEPS.map((share) => settable(share * all));

/**
 * What a mend is tightened to, to prove it, Nm: what somebody gave for the joint, never above what the thread stands; else what
 * may be named, which the parent and three quarters of the screw's proof load limit. A locking coil's running torque comes on
 * top. Null: no bolt, to yield, hot, or a screw of an unknown class for which nothing was given.
 */
function proofTorqueNm(hole: HoleCase, torque: Route['torque']): number | null {
  const { demand, runningTorqueNm } = hole.joint;
  if (torque === null) return null;
  const cleanNm = demand.mode === 'preload' ? Math.min(demand.torqueNm, torque.threadNm) : torque.torqueNm;
  return cleanNm === null ? null : cleanNm + (runningTorqueNm ?? 0);
}

/** The same load as a pull: what the torque makes of it without the friction, N. */
function proofPullN({ joint: { demand, runningTorqueNm } }: HoleCase, { thread }: Route, proofNm: number): number {
  const friction = demand.mode === 'preload' ? demand.friction : 'oiled';
  return preloadN(proofNm - (runningTorqueNm ?? 0), thread.majorMm, friction);
}

type StepsWanted = readonly { kind: string; id: string }[];
type Row = Omit<Expectation, 'id' | 'kind' | 'cannotShow'>;
const row = (
  id: ProofId,
  title: string,
  need: NonNullable<Expectation['need']>,
  rest: Partial<Row> = {},
): Expectation => ({
  id,
  title,
  kind: PROOF_KINDS[id].answer,
  lowMm: null,
  highMm: null,
  ...rest,
  need,
  cannotShow: PROOF_KINDS[id].cannotShow,
});

/** The bore by the limits of its class. A plan that stands on its strength outside the usual class says what it was to be. */
function boreRow(route: Route): Expectation[] {
  // A bore without a tap is clear: it has no limits of a thread.
  if (route.cut.drillMm === null || route.cut.tapLeads.length === 0) return [];
  const limits = classLimits(route);
  const planned = boreLimits(route);
  const wider = planned.lowMm < limits.lowMm || planned.highMm > limits.highMm;
  return [row('bore', 'Bore, gauged before tapping', 'must', { ...limits, ...(wider ? { plannedMm: planned } : {}) })];
}

/** What fills the hole is bored and tapped again: that bore is the one that the screw's thread stands in. */
function innerBoreRow({ thread }: HoleCase, steps: StepsWanted): Expectation[] {
  if (!steps.some(({ kind, id }) => kind === 'gauge-bore' && isInner(id))) return [];
  const { minorMinMm: lowMm, minorMaxMm: highMm } = internalLimits(thread);
  return [row('inner-bore', 'Bore in what fills it, gauged before tapping', 'must', { lowMm, highMm })];
}

/** Thread, by gauge or by a good screw; how deep, where it can end too early. */
function threadRows(hole: HoleCase, route: Route): Expectation[] {
  const { fullThreadToMm } = route.depths;
  const rows =
    fullThreadToMm > 0
      ? [
          row('full-thread', 'Full thread to', hole.kind === 'blind' ? 'must' : 'if-can', { lowMm: threadToMm(route) }),
          row('gauge', 'Go gauge runs in by hand to its depth', 'thread'),
          row('no-go', 'No-go gauge: turns that it takes', 'thread', {
            mostTurns: noGoTurns(route.cut.thread ?? route.thread),
          }),
        ]
      : [];
  return [...rows, row('screw', `${goodOne(hole)} runs in by hand over its length, with little shake`, 'thread')];
}

/** Over so much of a pin its lean is read, as before the mend. */
const LEAN_OVER_MM = 50;

function squareRows(hole: HoleCase, route: Route): Expectation[] {
  const square = row('square', 'Square in two views', 'square');
  const lean = row('lean', `Lean of a straight pin in it, over ${LEAN_OVER_MM} mm`, 'square', {
    lowMm: 0,
    highMm: gapOfLeanMm(TAP_LEAN_LIMIT_DEG, LEAN_OVER_MM),
  });
  if (!isBolted(hole)) return [square, lean];
  const highMm = headGapMm(HEAD_D * route.thread.majorMm, TAP_LEAN_LIMIT_DEG);
  return [square, lean, row('head-gap', 'Gap under a head, on one side', 'square', { lowMm: 0, highMm })];
}

function sleeveRows(hole: HoleCase, route: Route, steps: StepsWanted): Expectation[] {
  const { depths, thread, method } = route;
  const { sleeve } = WAYS[method];
  const has = (wanted: string) => steps.some(({ kind }) => kind === wanted);
  const rows: Expectation[] = [];
  if (depths.insertFromMm !== null)
    rows.push(
      row('set-down', 'Coil under the face', 'must', {
        lowMm: LEAST_SET_DOWN_TURNS * thread.pitchMm,
        highMm: depths.insertFromMm + SET_DOWN_OVER_TURNS * thread.pitchMm,
      }),
    );
  // In a chamber a bare thread or a wire end glows.
  if (depths.insertFromMm !== null && keepsIn(hole) === 'compression')
    rows.push(row('chamber-end', 'Coil ends flush to one turn short: no wire, no bare thread in the chamber', 'must'));
  if (has('tang')) rows.push(row('tang', 'Tang out and counted, or tangless', 'must'));
  if (sleeve !== 'none') rows.push(row('turns-out', 'It does not turn with the screw, in and out', 'must'));
  if (sleeve === 'keys') rows.push(row('keys', 'Keys flush with the face', 'must'));
  if (has('cure')) rows.push(row('cured', 'Compound cured: its time is over', 'must'));
  return rows;
}

/** What must be tight, what is tightened, and where someone can be hurt. */
function dutyRows(hole: HoleCase, route: Route): Expectation[] {
  const { checks, torque, method } = route;
  const has = (...kinds: string[]) => checks.some(({ kind }) => kinds.includes(kind));
  const rows: Expectation[] = [];
  if (sealsOnFace(hole)) rows.push(row('seat', 'Seat whole all round', 'must'));
  if (keepsIn(hole) === 'compression')
    rows.push(row('leak', 'Compression: it holds, and nothing blows past plug or thread', 'must'));
  else if (hole.joint.sealing !== 'none' || keepsIn(hole) === 'weep' || has('wet-wall'))
    rows.push(row('leak', 'Tight: no weep under its pressure or head', 'must'));
  const proofNm = proofTorqueNm(hole, torque);
  if (proofNm !== null) {
    const leastNm = settableNm(proofNm);
    rows.push(
      row('torque', 'Tightened in steps, cold: held', 'if-can', { leastNm, steps: inSteps(leastNm, settableNm) }),
    );
  }
  const { sleeve, fills } = WAYS[method];
  // A pull is worth its trouble where something else than the metal's own thread holds, and where someone can be hurt.
  if (proofNm !== null && (has('release') || fills || sleeve === 'compound' || sleeve === 'keys')) {
    const leastN = settableN(proofPullN(hole, route, proofNm));
    rows.push(
      row('pull', 'Pulled along its axis in steps, a minute each: held', 'if-can', {
        leastN,
        steps: inSteps(leastN, settableN),
      }),
    );
  }
  if (isBolted(hole) && serviceTakenC(hole) > SETTLES_C)
    rows.push(row('retorque', 'Tightened again after the first heat', 'if-can'));
  // Where someone can be hurt the mend is proved under load, by whoever may.
  if (has('release', 'port'))
    rows.push(row('proof-load', 'Proof load or pressure test, by a competent person', 'must'));
  return rows;
}

/**
 * What proves a way once it is cut, and what each must be.
 * @param steps - of its card: what is not done has nothing to be proved
 */
export function expectationsOf(hole: HoleCase, route: Route, steps: StepsWanted): Expectation[] {
  // What another shop mends is proved there.
  if (WAYS[route.method].elsewhere) return [row('screw', `${goodOne(hole)} runs in by hand over its length`, 'if-can')];
  return [
    ...boreRow(route),
    ...innerBoreRow(hole, steps),
    ...threadRows(hole, route),
    ...squareRows(hole, route),
    ...sleeveRows(hole, route, steps),
    ...dutyRows(hole, route),
  ];
}
