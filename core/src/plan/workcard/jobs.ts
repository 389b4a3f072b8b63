import { chooseTapDrill, FULL_RACK, rackDrills } from '../../facts/drills/index.ts';
import { internalLimits, threadGeometry, type Thread } from '../../facts/threads/index.ts';
import { WAYS } from '../../facts/ways/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import { drillPointMm, targetShare, type Found } from '../cutting/index.ts';
import { boreLimits, type Route } from '../routes/index.ts';

/** What a tap cuts: a thread of the parent, or the larger one of an insert tap. */
export interface TapJob {
  designation: string;
  tapName: string;
  thread: Pick<Thread, 'form' | 'pitchMm' | 'starts' | 'hand' | 'majorMm'> & { majorInternalMm: number };
  /** Whose tap it is in the crib's lists. */
  owned: { list: 'taps' | 'coils'; id: string };
  leads: (8 | 4 | 2 | 1)[];
  /** How far it cuts, from where its first bite is. */
  fullThreadMm: number;
  /** How far down thread is then found. */
  gaugeToMm: number;
  followsHelix: boolean;
}

/** One hole that is drilled, gauged and tapped: most ways have one, a plug and a weld a second one inside. */
export interface CutJob {
  /** Before the ids of its steps. */
  prefix: '' | 'inner-';
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
            designation: coil ? `${thread.designation} insert tap` : cutThread.designation,
            tapName: cut.tapName,
            thread: {
              form: cutThread.form,
              pitchMm: cutThread.pitchMm,
              starts: cutThread.starts,
              hand: cutThread.hand,
              majorMm: cut.majorMm,
              majorInternalMm: cut.thread ? threadGeometry(cut.thread).majorInternalMm : cut.majorMm,
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

/** The old thread made again in the metal that filled the hole. */
function innerJob(hole: HoleCase, { depths }: Route): CutJob {
  const { thread, parent, kind } = hole;
  const target = targetShare(thread, parent, hole.depth.mm, hole.rules.tapDrill);
  const choose = (rack: HoleCase['rack']) =>
    chooseTapDrill(thread, {
      targetShare: target.share,
      tough: parent.cutting === 'tough',
      rack,
      lean: target.lean,
    }).best;
  const own = choose(hole.rack);
  const { minorMinMm, minorMaxMm } = internalLimits(thread);
  const drillMm = (own ?? choose(FULL_RACK))?.drill.diameterMm ?? minorMinMm;
  const through = kind === 'through';
  const leads: TapJob['leads'] = through ? [4] : [4, 2];
  // The last lead and a pitch for chips end above the shoulder.
  const fullThreadMm = through
    ? depths.drillShoulderMm
    : Math.max(0, depths.drillShoulderMm - (leads.at(-1)! + 2) * thread.pitchMm);
  return {
    prefix: 'inner-',
    drillId: own?.drill.id ?? null,
    drillMm,
    found: null,
    through,
    shoulderMm: depths.drillShoulderMm,
    tipMm: through ? depths.drillShoulderMm : depths.drillShoulderMm + drillPointMm(drillMm),
    limits: { lowMm: Math.min(minorMinMm, drillMm), highMm: Math.max(minorMaxMm, own?.expectedBoreMm ?? drillMm) },
    countersinkMm: Math.max(0, (thread.majorMm - drillMm) / 2),
    counterDrillMm: null,
    tap: {
      designation: thread.designation,
      tapName: `${thread.designation} tap`,
      thread: { ...thread, majorInternalMm: threadGeometry(thread).majorInternalMm },
      owned: { list: 'taps', id: thread.id },
      leads,
      fullThreadMm,
      gaugeToMm: fullThreadMm,
      followsHelix: false,
    },
  };
}

/** What is cut, in its order: the first into the parent, a second one into what filled it. */
export function cutJobs(hole: HoleCase, route: Route): { first: CutJob; inner: CutJob | null } {
  return { first: outerJob(hole, route), inner: WAYS[route.method].fills ? innerJob(hole, route) : null };
}
