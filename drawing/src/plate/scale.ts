import type { DepthFlag } from '@deep-mend/core';

/** One stretch of depth drawn without a gap: a break line lies between two of them. */
export interface Stretch {
  fromMm: number;
  toMm: number;
  /** Added to depth × scale. */
  offsetPx: number;
}

/** Beyond this ratio of depth to diameter a featureless length is cut out. */
const BREAK_RATIO = 4;
export const BREAK_GAP_PX = 14;

/** The longest length between two flags that a deep, narrow hole can do without. */
export function breakOf(
  flags: readonly DepthFlag[],
  totalMm: number,
  diameterMm: number,
): { fromMm: number; toMm: number } | null {
  const tooLong = totalMm - BREAK_RATIO * diameterMm;
  if (tooLong <= 0) return null;
  const depths = [0, ...flags.map((flag) => flag.depthMm), totalMm].sort((a, b) => a - b);
  let best = { fromMm: 0, toMm: 0 };
  for (let i = 1; i < depths.length; i += 1) {
    if (depths[i]! - depths[i - 1]! > best.toMm - best.fromMm) best = { fromMm: depths[i - 1]!, toMm: depths[i]! };
  }
  const margin = 0.35 * diameterMm;
  const cut = Math.min(tooLong, best.toMm - best.fromMm - 2 * margin);
  if (cut < 0.25 * diameterMm) return null;
  const middle = (best.fromMm + best.toMm) / 2;
  return { fromMm: middle - cut / 2, toMm: middle + cut / 2 };
}

/**
 * The section's height goes in steps too: what stands below it is not pushed about with every keystroke, and the page is
 * not laid out again. A hole as deep as the sheet allows always gets the whole sheet, whatever the scale's step leaves.
 */
const HEIGHT_STEP_PX = 24;
const WHOLE_SHEET_FROM = 0.8;
export function sheetHeight(endPx: number, wholePx: number): number {
  const end = endPx > WHOLE_SHEET_FROM * wholePx ? Math.max(endPx, wholePx) : endPx;
  return Math.ceil(end / HEIGHT_STEP_PX) * HEIGHT_STEP_PX;
}

/**
 * The scale goes in steps of a tenth: a keystroke on a depth then moves the flags and the profile, and leaves the radius
 * axis with everything on it where it is. A drawing that breathes with every key is hard to read, and redrawing it costs
 * twice as much as moving its bottom; the steps cost at most a tenth of the room.
 */
const SCALE_STEP = 1.1;
export function steppedScale(fitting: number): number {
  return SCALE_STEP ** Math.floor(Math.log(fitting) / Math.log(SCALE_STEP) + 1e-9);
}

/** A held drawing may be so much deeper than its room: the last flag's words still stand on the sheet. */
const HELD_OVER_PX = 10;

/** The scale held through a key, if the new drawing is within one step of it and has room at it; else its own. */
export function heldOrOwn(own: number, held: number | undefined, shownMm: number, roomPx: number): number {
  if (held === undefined) return own;
  const oneStep = SCALE_STEP * (1 + 1e-9);
  const near = held <= own * oneStep && own <= held * oneStep;
  return near && shownMm * held <= roomPx + HELD_OVER_PX ? held : own;
}
