import { isBolted, sealsOnFace } from '../../../judge/hole/index.ts';
import { boreForShare, MAJOR_LESS_PITCH_SHARE } from '../../../facts/drills/index.ts';
import {
  threadGeometry,
  threadsOf,
  withFit,
  withHand,
  type Thread,
  type ThreadFamily,
  type ThreadSeries,
} from '../../../facts/threads/index.ts';
import { drillPointMm, shareWords, type ShareReason } from '../../cutting/index.ts';
import { judgeCleanUp } from '../checks/cleanUp.ts';
import { judgeDrill } from '../checks/drill.ts';
import { judgeMate } from '../checks/mate.ts';
import { carriedBy, judgeStrength } from '../checks/strength.ts';
import { judgeSystem } from '../checks/system.ts';
import { judgeWall } from '../checks/wall.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { noSteps, type Method } from '../Method.ts';
import type { Proposed, RouteContext } from '../Route.ts';
import { prescribedTo } from '../reach.ts';
import { wornBoreOf } from '../stripInput.ts';
import { tapInParent } from '../tapInParent.ts';

/** Sizes that shops rarely stock screws for (second and third choice of ISO 262): never proposed as an oversize. */
const RARE_MAJORS_MM = [1.8, 2.2, 3.5, 7, 18, 22, 27, 33, 39];
/** A step up of less than a tenth leaves too little new metal for the new thread to stand in (our estimate). */
const LEAST_STEP_UP = 1.1;

export type OversizeOwn = { share: ShareReason; designation: string; reachMm: number };

function oversizeRoute(context: RouteContext, thread: Thread): Proposed<OversizeOwn> {
  const { hole, assessment } = context;
  const blind = hole.kind === 'blind';
  const { choice, targetBecause, drillMm, boreMm, reachMm } = tapInParent(hole, thread);
  // A washer or seat on the face keeps its ring: no countersink there.
  const countersinkMm = sealsOnFace(hole) ? 0 : Math.max(0, (thread.majorMm - drillMm) / 2);
  const carriedToMm = prescribedTo(context, reachMm, thread);
  const engagement = { mm: Math.max(0, carriedToMm - countersinkMm), halfWidthMm: hole.depth.halfWidthMm };
  const oval = wornBoreOf(hole);
  const strength = judgeStrength({ context, thread, engagement, boreMm, oval, cutMm: thread.majorMm });
  return {
    id: `oversize:${thread.id}`,
    title: `Retap ${thread.designation}`,
    thread,
    insertLengthD: null,
    cut: {
      drill: choice.best,
      drillMm,
      boreMm,
      majorMm: thread.majorMm,
      thread,
      outermostMm: Math.max(thread.majorMm, assessment.outermostCutMm),
      tapName: `${thread.designation} tap`,
      tapLeads: blind ? [4, 2] : [4],
    },
    depths: {
      fullThreadFromMm: countersinkMm,
      fullThreadToMm: reachMm,
      drillShoulderMm: hole.depth.mm,
      drillTipMm: blind ? hole.depth.mm + drillPointMm(drillMm) : hole.depth.mm,
      insertFromMm: null,
      insertToMm: null,
      countersinkMm,
      screwReachMm: isBolted(hole) ? carriedToMm + thread.pitchMm : reachMm,
    },
    engagementMm: engagement.mm,
    ...carriedBy(strength),
    checks: [
      judgeDrill(choice.best, drillMm),
      judgeCleanUp(assessment, drillMm, threadGeometry(thread).pitchDiameterMm),
      ...strength.checks,
      ...(isBolted(hole) ? [judgeMate(hole, thread)] : []),
      ...judgeWall(hole, thread.majorMm, true),
      ...judgeSystem(hole.thread, thread),
    ],
    substitutes: [...choice.smaller.slice(0, 2), ...choice.larger.slice(0, 2)],
    workings: [{ kind: 'share', facts: { thread, boreMm: drillMm } }, ...strength.workings],
    own: { share: targetBecause, designation: thread.designation, reachMm },
  };
}

/** The next size of a series, and if that does not clean up the bore, the first that does. */
function candidates(context: RouteContext, series: ThreadSeries): Thread[] {
  const { hole, assessment } = context;
  const overMm = Math.max(hole.thread.majorMm, hole.earlierCutMm ?? 0) * LEAST_STEP_UP;
  const usual = (t: Thread) => t.majorMm > overMm && !RARE_MAJORS_MM.includes(t.majorMm) && keepsLead(hole.thread, t);
  const next = threadsOf(series).find(usual);
  if (!next) return [];
  const boreMm = assessment.cleanUp.mm + assessment.cleanUp.halfWidthMm;
  const cleansUp = threadsOf(series).find((t) => usual(t) && boreForShare(t, MAJOR_LESS_PITCH_SHARE) >= boreMm);
  return cleansUp && cleansUp.id !== next.id ? [next, cleansUp] : [next];
}

const ALWAYS: readonly ThreadSeries[] = ['coarse', 'fine', 'UNC', 'UNF'];
/** Series that are stepped up within themselves where the machine has them. */
const IN_THEIR_OWN: Partial<Record<ThreadFamily, readonly ThreadSeries[]>> = {
  whitworth: ['BSW', 'BSF'],
  ba: ['BA'],
  'pipe-parallel': ['G'],
  acme: ['Acme'],
  trapezoidal: ['Tr'],
};

/** Families that go to no other: a fitting or a power screw of another kind does not exist for the part that is screwed in. */
const STAY: readonly ThreadFamily[] = ['pipe-parallel', 'acme', 'trapezoidal'];

const seriesFor = ({ family }: Thread) => [...(IN_THEIR_OWN[family] ?? []), ...(STAY.includes(family) ? [] : ALWAYS)];

/** No V thread where a power thread was, and no other lead: its nut or screw moves by it. */
const keepsLead = (was: Thread, next: Thread): boolean =>
  (was.family !== 'acme' && was.family !== 'trapezoidal') || Math.abs(was.pitchMm - next.pitchMm) < 1e-6;

/** The hand, the starts and the class of fit stay as they were. */
const asWas = (thread: Thread, { hand, starts, fit }: Thread): Thread => {
  const handed = withHand(withFit(thread, fit), hand);
  return starts === 1 ? handed : { ...handed, starts };
};

/** The next sizes up: in the thread's own series, and coarse and fine in both systems. */
export const oversizeRoutes = (context: RouteContext): Proposed<OversizeOwn>[] =>
  // A spark or glow plug of another size does not fit its engine.
  (context.hole.joint.screwedIn === 'spark-plug' ? [] : seriesFor(context.hole.thread))
    .flatMap((series) => candidates(context, series))
    .map((thread) => oversizeRoute(context, asWas(thread, context.hole.thread)));

export const shareNote = ({ share }: OversizeOwn): string => `share of thread: ${shareWords(share)}`;

/** Drill and tap the next sizes up. */
export const oversize: Method<OversizeOwn> = {
  propose: oversizeRoutes,
  whyNothing: () => 'no larger size is held in the usual series',
  notes: (route, say) => [
    shareNote(route.own),
    `needs a new ${route.own.designation} screw that reaches up to ${say.length(route.own.reachMm)}`,
    ...fastenerNote(route),
  ],
  steps: noSteps,
};
