import type { Check } from '../../../basis/checks/index.ts';
import { spokenLength } from '../../../basis/units/index.ts';
import { boreForShare, shareWorking } from '../../../facts/drills/index.ts';
import {
  threadGeometry,
  threadsOf,
  withHand,
  type Thread,
  type ThreadFamily,
  type ThreadSeries,
} from '../../../facts/threads/index.ts';
import { drillPointMm } from '../../cutting/index.ts';
import { cleanUpCheck } from '../checks/cleanUpCheck.ts';
import { drillCheck } from '../checks/drillCheck.ts';
import { mateCheck } from '../checks/mateCheck.ts';
import { plainCheck } from '../checks/sharedChecks.ts';
import { strengthChecks, wornBoreOf } from '../checks/strengthCheck.ts';
import { wallCheck } from '../checks/wallCheck.ts';
import type { BareRoute } from '../Route.ts';
import { tapInParent } from '../tapInParent.ts';
import type { RouteContext, RouteMethod } from '../RouteContext.ts';

/** Sizes that shops rarely stock screws for (second and third choice of ISO 262): never proposed as an oversize. */
const RARE_MAJORS_MM = [1.8, 2.2, 3.5, 7, 18, 22, 27, 33, 39];
/** A step up of less than a tenth leaves too little new metal for the new thread to stand in. */
const LEAST_STEP_UP = 1.1;

const SYSTEM_WORDS: Readonly<Record<ThreadFamily, string>> = {
  metric: 'metric',
  unified: 'inch',
  whitworth: 'Whitworth',
  ba: 'BA',
  'pipe-parallel': 'pipe',
  'pipe-taper': 'taper pipe',
  acme: 'Acme',
  trapezoidal: 'trapezoidal',
  custom: 'custom',
};

/** A thread of the other system holds as well, but the next hand will take it for what it is not: it must be marked. */
function systemCheck(before: Thread, after: Thread): Check[] {
  if (before.family === after.family) return [];
  const system = (thread: Thread) => SYSTEM_WORDS[thread.family];
  return [
    plainCheck(
      'system',
      'Same thread system',
      'with-care',
      `${after.family === 'unified' ? 'an' : 'a'} ${system(after)} thread among ${system(before)} ones: the next hand will misread it unless it is marked`,
      { id: 'mark-system', step: `Mark the hole and the screw: ${after.designation}.` },
    ),
  ];
}

const mateEffectOf = (checks: Check[]) => checks.find((check) => check.id === 'mate')?.remedy?.step ?? '';

export function oversizeRoute({ hole, assessment }: RouteContext, thread: Thread): BareRoute {
  const blind = hole.kind === 'blind';
  const { choice, targetBecause, drillMm, boreMm, reachMm } = tapInParent(hole, thread);
  const countersinkMm = Math.max(0, (thread.majorMm - drillMm) / 2);
  const engagement = { mm: Math.max(0, reachMm - countersinkMm), halfWidthMm: hole.depth.halfWidthMm };
  const strength = strengthChecks({
    hole,
    thread,
    engagement,
    boreMm,
    oval: wornBoreOf(hole),
    cutMm: thread.majorMm,
  });
  const outermostMm = Math.max(thread.majorMm, assessment.outermostCutMm);
  const checks: Check[] = [
    drillCheck(choice.best, drillMm),
    cleanUpCheck(assessment, drillMm, threadGeometry(thread).pitchDiameterMm),
    ...strength.checks,
    mateCheck(hole, thread),
    ...wallCheck(hole, thread.majorMm, true),
    ...systemCheck(hole.thread, thread),
  ];
  return {
    id: `oversize:${thread.id}`,
    method: 'oversize',
    title: `Retap ${thread.designation}`,
    thread,
    fastenerName: strength.fastener.name,
    insertLengthD: null,
    cut: {
      drill: choice.best,
      boreMm,
      majorMm: thread.majorMm,
      thread,
      outermostMm,
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
      screwReachMm: reachMm,
    },
    engagementMm: engagement.mm,
    balanceEngagementMm: strength.balanceEngagementMm,
    stripLoadN: strength.strip.stripLoadN,
    stripLeastN: strength.stripLeastN,
    breakLoadN: strength.breakLoadN,
    checks,
    mateEffect: mateEffectOf(checks),
    substitutes: [...choice.smaller.slice(0, 2), ...choice.larger.slice(0, 2)],
    workings: [() => shareWorking(thread, drillMm), ...strength.workings],
    notes: [
      `share of thread: ${targetBecause}`,
      `needs a new ${thread.designation} screw that reaches up to ${spokenLength(reachMm)}`,
      ...strength.notes,
    ],
  };
}

/** The next size of a series, and if that does not clean up the bore, the first that does. */
function candidates(context: RouteContext, series: ThreadSeries): Thread[] {
  const { hole, assessment } = context;
  const overMm = Math.max(hole.thread.majorMm, hole.earlierCutMm ?? 0) * LEAST_STEP_UP;
  const usual = (t: Thread) => t.majorMm > overMm && !RARE_MAJORS_MM.includes(t.majorMm);
  const next = threadsOf(series).find(usual);
  if (!next) return [];
  const boreMm = assessment.cleanUp.mm + assessment.cleanUp.halfWidthMm;
  const cleansUp = threadsOf(series).find((t) => usual(t) && boreForShare(t, 0.77) >= boreMm);
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

const seriesFor = (thread: Thread) => [...(IN_THEIR_OWN[thread.family] ?? []), ...ALWAYS];

/** Drill and tap the next sizes up: in the thread's own series, and coarse and fine in both systems. */
export const oversize: RouteMethod = (context) =>
  seriesFor(context.hole.thread)
    .flatMap((series) => candidates(context, series))
    .map((thread) => oversizeRoute(context, withHand(thread, context.hole.thread.hand)));
