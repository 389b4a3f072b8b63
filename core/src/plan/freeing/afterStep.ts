import { within } from '../../basis/numeric/index.ts';
import type { Say } from '../../basis/units/index.ts';
import { rackDrills } from '../../facts/drills/index.ts';
import type { HarmInput } from './chanceOfHarm.ts';
import { coreDrill, stiffShellMm } from './coreWindow.ts';
import type { StuckCase } from './StuckCase.ts';

export interface AfterStep {
  advice: 'carry-on' | 'correct' | 'change-means' | 'stop';
  /** The largest drill that still spares the parent at this offset; null where none larger than the hole does. */
  lastMm: number | null;
  /** How far the hole may already reach into the parent’s crests; 0 unless it is to stop. */
  intoCrestMm: number;
  /** Shell at its thickest, at the last drill or at the hole as it is. */
  thickMm: number;
  offsetMm: number;
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
  { window, keepShellMm }: Pick<HarmInput, 'window' | 'keepShellMm'>,
  drilledMm: number,
  offset: { mm: number; halfWidthMm: number },
  capMm: number | null = null,
): AfterStep {
  const drilled = within(drilledMm, 0.2, 100, 'drilled');
  const offMm = within(offset.mm, 0, 50, 'offset') + offset.halfWidthMm;
  const of = (mm: number) => coreDrill(mm, window, offMm, stuck.rack.drilling);
  // The shell that is kept counts from the offset as read; what may touch the parent from its unfavourable end.
  const leaves = (mm: number) =>
    of(mm).toCrestLargestMm >= 0 && coreDrill(mm, window, offset.mm, stuck.rack.drilling).leastShellMm >= keepShellMm;
  const intoCrestMm = Math.max(0, -of(drilled).toCrestLargestMm);
  if (intoCrestMm > 0)
    return { advice: 'stop', lastMm: null, intoCrestMm, thickMm: of(drilled).thickShellMm, offsetMm: offset.mm };
  const safe = rackDrills(stuck.rack)
    .map((drill) => drill.diameterMm)
    .filter((mm) => mm > drilled && mm < window.rootMm && mm <= (capMm ?? Infinity) && leaves(mm));
  const lastMm = safe.at(-1) ?? null;
  const thickMm = of(lastMm ?? drilled).thickShellMm;
  const advice =
    thickMm <= stiffShellMm(stuck.thread.majorMm)
      ? 'carry-on'
      : drilled <= DRAWN_OVER * window.rootMm
        ? 'correct'
        : 'change-means';
  return { advice, lastMm, intoCrestMm, thickMm, offsetMm: offset.mm };
}

/** What to do after a step, in words. */
export function afterStepWords({ advice, lastMm, intoCrestMm, thickMm, offsetMm }: AfterStep, say: Say): string {
  const thick = say.length(thickMm);
  switch (advice) {
    case 'stop':
      return `Stop: the hole may already reach ${say.length(intoCrestMm)} into the parent’s crests. Take out what is loose, measure the hole, then decide.`;
    case 'carry-on':
      return lastMm === null
        ? `No larger drill: the shell is ${thick} at its thickest, peel it now.`
        : `Carry on to ${say.length(lastMm)}, no larger: it leaves ${thick} of shell at the thickest.`;
    case 'correct':
      return `Correct it before the next drill: at ${say.length(offsetMm)} off, ${thick} of shell would stay on the far side. Draw the hole over with a stub end mill on the true centre, or groove the far side with a round-nosed chisel, and measure again.`;
    case 'change-means':
      return `Change the means: the hole is too large to be drawn over, and ${thick} of shell would stay on the far side. Mill it on the true axis, or turn the shell out with an extractor or a slot.`;
  }
}
