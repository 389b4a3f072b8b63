import { within } from '../../basis/numeric/index.ts';
import { spokenLength } from '../../basis/units/index.ts';
import { rackDrills } from '../../facts/drills/index.ts';
import { coreDrill, stiffShellMm, type CoreWindow } from './core.ts';
import type { StuckCase } from './StuckCase.ts';

export interface AfterStep {
  advice: 'carry-on' | 'correct' | 'change-means' | 'stop';
  /** The largest drill that still spares the parent at this offset; null where none larger than the hole does. */
  lastMm: number | null;
  words: string;
}

/** A hole no larger than this share of the root can still be drawn over to the true centre (rule of thumb). */
const DRAWN_OVER = 0.5;

/**
 * What to do after a real step, by the offset measured and the size drilled: carry on, correct, change the means, or stop.
 * The offset is taken with its doubt, and every drill with the largest bore it cuts; `capMm` is the largest that the chances
 * allow, tilt and wander with them, once they are known.
 */
export function afterStep(
  stuck: Pick<StuckCase, 'rack' | 'thread'>,
  window: CoreWindow,
  drilledMm: number,
  offset: { mm: number; halfWidthMm: number },
  capMm: number | null = null,
): AfterStep {
  const drilled = within(drilledMm, 0.2, 100, 'drilled');
  const offMm = within(offset.mm, 0, 50, 'offset') + offset.halfWidthMm;
  const of = (mm: number) => coreDrill(mm, window, offMm, stuck.rack.drilling);
  if (of(drilled).toCrestLargestMm < 0) {
    return {
      advice: 'stop',
      lastMm: null,
      words: `Stop: the hole may already reach ${spokenLength(-of(drilled).toCrestLargestMm)} into the parent’s crests. Take out what is loose, measure the hole, then decide.`,
    };
  }
  const safe = rackDrills(stuck.rack)
    .map((drill) => drill.diameterMm)
    .filter((mm) => mm > drilled && mm < window.rootMm && mm <= (capMm ?? Infinity) && of(mm).toCrestLargestMm >= 0);
  const lastMm = safe.at(-1) ?? null;
  const thick = of(lastMm ?? drilled).thickShellMm;
  if (thick <= stiffShellMm(stuck.thread.majorMm)) {
    return {
      advice: 'carry-on',
      lastMm,
      words:
        lastMm === null
          ? `No larger drill: the shell is ${spokenLength(thick)} at its thickest, peel it now.`
          : `Carry on to ${spokenLength(lastMm)}, no larger: it leaves ${spokenLength(thick)} of shell at the thickest.`,
    };
  }
  if (drilled <= DRAWN_OVER * window.rootMm) {
    return {
      advice: 'correct',
      lastMm,
      words: `Correct it before the next drill: at ${spokenLength(offset.mm)} off, ${spokenLength(thick)} of shell would stay on the far side. Draw the hole over with a stub end mill on the true centre, or groove the far side with a round-nosed chisel, and measure again.`,
    };
  }
  return {
    advice: 'change-means',
    lastMm,
    words: `Change the means: the hole is too large to be drawn over, and ${spokenLength(thick)} of shell would stay on the far side. Mill it on the true axis, or turn the shell out with an extractor or a slot.`,
  };
}
