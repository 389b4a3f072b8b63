import { boreForShare, chooseTapDrill, FULL_RACK, type TapDrillChoice } from '../../facts/drills/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import { depthBudget, targetShare, type ShareReason } from '../cutting/index.ts';

/** How a new thread gets into the parent: its drill by the house rule, the bore it leaves, and how deep the last tap reaches. */
export interface TapInParent {
  choice: TapDrillChoice;
  targetBecause: ShareReason;
  drillMm: number;
  boreMm: number;
  reachMm: number;
}

/** The last tap of an ordinary set: two threads of lead, with room for chips. */
export const LAST_LEAD = 2;

export function tapInParent(hole: HoleCase, thread: Thread): TapInParent {
  const target = targetShare(thread, hole.parent, hole.depth.mm, hole.rules.tapDrill);
  const from = (rack: HoleCase['rack']) =>
    chooseTapDrill(thread, {
      targetShare: target.share,
      tough: hole.parent.cutting === 'tough',
      rack,
      lean: target.lean,
    });
  const choice = from(hole.rack);
  // Nothing fit in the rack: the size that is to be got, one that is made.
  const toGet = choice.best ?? from(FULL_RACK).best;
  const drillMm = toGet?.drill.diameterMm ?? boreForShare(thread, target.share);
  const budget = { cylinderMm: hole.depth.mm, pitchMm: thread.pitchMm, wantedFullThreadMm: 0 };
  return {
    choice,
    targetBecause: target.because,
    drillMm,
    boreMm: choice.best?.expectedBoreMm ?? drillMm,
    reachMm:
      hole.kind === 'through'
        ? hole.depth.mm
        : Math.max(0, depthBudget(budget).reaches.find((row) => row.leadThreads === LAST_LEAD)!.withChipsMm),
  };
}
