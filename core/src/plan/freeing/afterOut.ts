import { positive, within } from '../../basis/numeric/index.ts';
import { expectedBoreMm, type Drilling } from '../../facts/drills/index.ts';
import { threadLostShare } from './chanceOfHarm.ts';
import type { CoreWindow } from './coreWindow.ts';

/** What a core drill leaves of the parent's hole, to be checked with an instrument. */
export interface HoleAfterCore {
  /** Whether the drill's edge passed the parent's crests. */
  parentCut: boolean;
  /** Share of the parent's thread height lost, averaged round. */
  lostShare: number;
  /** The bore along the offset and across it, and how far its middle is off the true axis. */
  boreAMm: number;
  boreBMm: number;
  offsetMm: number;
}

/**
 * The hole after the shell is out: the parent's crests on one side, the drill's edge on the other where it went past them.
 * @example holeAfterCore({ window: coreWindow(threadById('M5x0.8'), 'nominal'), majorMm: 5, drillMm: 4.1, offsetMm: 0 }).parentCut // true
 */
export function holeAfterCore(input: {
  window: CoreWindow;
  majorMm: number;
  drillMm: number;
  offsetMm: number;
  drilling?: Drilling;
}): HoleAfterCore {
  const { window, majorMm } = input;
  const boreMm = expectedBoreMm(positive(input.drillMm, 'drill'), input.drilling);
  const offMm = within(input.offsetMm, 0, 50, 'offset');
  const crest = window.crestMm / 2;
  const near = Math.max(crest, boreMm / 2 + offMm);
  const far = Math.max(crest, boreMm / 2 - offMm);
  return {
    parentCut: near > crest + 1e-9,
    lostShare: threadLostShare(boreMm / 2, offMm, window, majorMm),
    boreAMm: near + far,
    boreBMm: Math.max(window.crestMm, boreMm),
    offsetMm: (near - far) / 2,
  };
}
