import { rackDrills } from '../../facts/drills/index.ts';
import { internalLimits, threadGeometry, type Thread, type ThreadGeometry } from '../../facts/threads/index.ts';
import { WAYS } from '../../facts/ways/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import { drillPointMm, type Found } from '../cutting/index.ts';
import { boreLimits, LAST_LEAD, limitsWith, tapInParent, type Route } from '../routes/index.ts';

/** How far out and in a tap's teeth meet metal. */
type Crests = Pick<ThreadGeometry, 'majorInternalMm' | 'minorInternalMm'>;
/** An insert tap is larger than the thread that it is named by, and cuts the same height. */
function crestsOf(thread: Thread, cutMajorMm = thread.majorMm): Crests {
  const over = cutMajorMm - thread.majorMm;
  const { majorInternalMm, minorInternalMm } = threadGeometry(thread);
  return { majorInternalMm: majorInternalMm + over, minorInternalMm: minorInternalMm + over };
}

/** What a tap cuts: a thread of the parent, or the larger one of an insert tap. */
export interface TapJob {
  tapName: string;
  /** The gauge that tries what it cut. */
  gauges: string;
  thread: Pick<Thread, 'form' | 'pitchMm' | 'threadsPerInch' | 'starts' | 'hand' | 'majorMm'> & Crests;
  /** Whose tap it is in the crib's lists. */
  owned: { list: 'taps' | 'coils'; id: string };
  leads: (8 | 4 | 2 | 1)[];
  /** How far it cuts, from where its first bite is. */
  fullThreadMm: number;
  /** How far down thread is then found. */
  gaugeToMm: number;
  followsHelix: boolean;
}

/** Before the ids of the steps that cut into what fills the hole. */
export const INNER = 'inner-';
/** Whether a step cuts into what fills the hole. @example isInner('inner-gauge-bore') // true */
export const isInner = (stepId: string): boolean => stepId.startsWith(INNER);

/** One hole that is drilled, gauged and tapped: most ways have one, a plug and a weld a second one inside. */
export interface CutJob {
  /** Before the ids of its steps. */
  prefix: '' | typeof INNER;
  drillId: string | null;
  /** Null: nothing is drilled. */
  drillMm: number | null;
  /** The hole that it opens; null in full metal. */
  found: Found | null;
  through: boolean;
  shoulderMm: number;
  tipMm: number;
  /** What the bore may be before the tap; null: a clear bore, or nothing is drilled. */
  limits: { lowMm: number; highMm: number } | null;
  countersinkMm: number;
  /** Depth that may be bored clear at the mouth; null: all of it is wanted. */
  counterDrillMm: number | null;
  tap: TapJob | null;
}

/** The bore as it was read; else it lies between the crests of the thread and what an earlier cut or the thread itself left. */
function foundOf(hole: HoleCase): Found {
  if (hole.bore) return { boreMm: hole.bore.aMm, acrossMm: hole.bore.bMm };
  const mostMm = Math.max(hole.thread.majorMm, hole.earlierCutMm ?? 0);
  return { leastMm: hole.earlierCutMm ?? internalLimits(hole.thread).minorMinMm, mostMm };
}

function outerJob(hole: HoleCase, route: Route): CutJob {
  const { method, cut, depths, thread, insertLengthD, counterDrillMm } = route;
  const way = WAYS[method];
  const cutThread = cut.thread ?? thread;
  const coil = insertLengthD !== null;
  return {
    prefix: '',
    // A clear hole goes by its size: the rack has it or it is got.
    drillId:
      cut.drill?.drill.id ?? rackDrills(hole.rack).find(({ diameterMm }) => diameterMm === cut.drillMm)?.id ?? null,
    drillMm: way.bySheet ? null : cut.drillMm,
    found: way.atThisHole ? foundOf(hole) : null,
    through: hole.kind === 'through',
    shoulderMm: depths.drillShoulderMm,
    tipMm: depths.drillTipMm,
    limits: cut.drillMm !== null && cut.tapLeads.length > 0 ? boreLimits(route) : null,
    countersinkMm: depths.countersinkMm,
    counterDrillMm,
    tap:
      cut.tapLeads.length === 0
        ? null
        : {
            tapName: cut.tapName,
            gauges: coil ? `${thread.designation}, insert thread` : cutThread.designation,
            thread: {
              form: cutThread.form,
              pitchMm: cutThread.pitchMm,
              threadsPerInch: cutThread.threadsPerInch,
              starts: cutThread.starts,
              hand: cutThread.hand,
              majorMm: cut.majorMm,
              ...crestsOf(cutThread, cut.majorMm),
            },
            owned: coil ? { list: 'coils', id: thread.id } : { list: 'taps', id: cutThread.id },
            leads: cut.tapLeads,
            // An old helix is followed from the face on, through what is worn, and out where the hole goes through.
            fullThreadMm: way.followsHelix
              ? hole.kind === 'through'
                ? hole.depth.mm
                : depths.fullThreadToMm
              : Math.max(0, depths.fullThreadToMm - depths.fullThreadFromMm),
            gaugeToMm: depths.fullThreadToMm,
            followsHelix: way.followsHelix,
          },
  };
}

/** The old thread made again in the metal that filled the hole: as one is put into full metal, to the shoulder of what fills it. */
function innerJob(hole: HoleCase, { depths }: Route): CutJob {
  const { thread, kind } = hole;
  const { drillShoulderMm: shoulderMm } = depths;
  const { choice, drillMm, boreMm, reachMm } = tapInParent(
    { ...hole, depth: { ...hole.depth, mm: shoulderMm } },
    thread,
  );
  const through = kind === 'through';
  return {
    prefix: INNER,
    drillId: choice.best?.drill.id ?? null,
    drillMm,
    found: null,
    through,
    shoulderMm,
    tipMm: through ? shoulderMm : shoulderMm + drillPointMm(drillMm),
    limits: limitsWith(internalLimits(thread), thread, { drillMm, boreMm }),
    countersinkMm: Math.max(0, (thread.majorMm - drillMm) / 2),
    counterDrillMm: null,
    tap: {
      tapName: `${thread.designation} tap`,
      gauges: thread.designation,
      thread: { ...thread, ...crestsOf(thread) },
      owned: { list: 'taps', id: thread.id },
      leads: through ? [4] : [4, LAST_LEAD],
      fullThreadMm: reachMm,
      gaugeToMm: reachMm,
      followsHelix: false,
    },
  };
}

/** What is cut, in its order: the first into the parent, a second one into what filled it. */
export function cutJobs(hole: HoleCase, route: Route): { first: CutJob; inner: CutJob | null } {
  return { first: outerJob(hole, route), inner: WAYS[route.method].fills ? innerJob(hole, route) : null };
}
