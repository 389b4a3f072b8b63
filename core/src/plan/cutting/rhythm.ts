import type { PracticeOption } from '../../facts/practice/index.ts';
import type { ParentMaterial } from '../../facts/materials/index.ts';
import { neverBack, type TapStyle } from './taps.ts';

/** Square is looked at after so many turns; the last so many of a blind hole are by feel (rules of thumb). */
export const SQUARE_AT_TURNS = 3;
export const LAST_TURNS = 2;

/** Deep, in diameters, and small, mm (rules of thumb). */
const DEEP_D = 1.5;
const SMALL_MM = 4;
/** Flutes of a hand tap hold the chips of about so many turns before they are cleared, in a blind hole (our estimate). */
const CLEAR_EVERY_TURNS = { stringy: 4, short: 6 } as const;

export type RhythmReason =
  'style' | 'tough' | 'small' | 'blind' | 'deep' | 'stringy' | 'brittle' | 'short' | 'ordinary';

/** How a tap is turned: on, back, and how often it comes out to be cleared. Turns. */
export type Rhythm = {
  school: PracticeOption<'rhythm'>;
  on: number;
  back: number;
  /** Null: it stays in until it is through. */
  clearEvery: number | null;
  because: RhythmReason;
};

const TURNS: Readonly<Record<PracticeOption<'rhythm'>, { on: number; back: number }>> = {
  short: { on: 0.5, back: 0.25 },
  turn: { on: 1, back: 0.5 },
  several: { on: 2, back: 1 },
  binds: { on: 1, back: 0.5 },
  none: { on: 1, back: 0 },
};

function byCase(job: {
  parent: Pick<ParentMaterial, 'cutting' | 'group'>;
  through: boolean;
  depthD: number;
  majorMm: number;
}): {
  school: PracticeOption<'rhythm'>;
  because: RhythmReason;
} {
  const { parent, through, depthD, majorMm } = job;
  if (parent.cutting === 'tough') return { school: 'short', because: 'tough' };
  if (majorMm <= SMALL_MM) return { school: 'short', because: 'small' };
  if (parent.cutting === 'brittle') return { school: 'several', because: 'brittle' };
  if (!through) return { school: 'short', because: 'blind' };
  if (depthD > DEEP_D) return { school: 'short', because: 'deep' };
  if (parent.group === 'aluminium' || parent.group === 'copper' || parent.group === 'plastic')
    return { school: 'short', because: 'stringy' };
  return { school: 'turn', because: 'ordinary' };
}

/**
 * The rhythm by the shop's school, else by the case; a style that must not be turned back overrules both. Torque is the true trigger.
 * @example rhythmOf({ parent: parentById('grey-iron'), through: true, depthD: 1, majorMm: 8, style: 'hand', school: null }).on // 2
 * @example rhythmOf({ parent: parentById('mild-steel'), through: true, depthD: 1, majorMm: 8, style: 'spiral-point', school: 'turn' }).back // 0
 */
export function rhythmOf(job: {
  parent: Pick<ParentMaterial, 'cutting' | 'group'>;
  through: boolean;
  depthD: number;
  majorMm: number;
  style: TapStyle;
  school: PracticeOption<'rhythm'> | null;
}): Rhythm {
  const { parent, through, style } = job;
  const natural = byCase(job);
  if (neverBack(style)) return { school: 'none', ...TURNS.none, clearEvery: null, because: 'style' };
  // A hand tap is always turned back somehow.
  const school = job.school === null || job.school === 'none' ? natural.school : job.school;
  const clearEvery = through
    ? null
    : parent.cutting === 'brittle'
      ? CLEAR_EVERY_TURNS.short
      : CLEAR_EVERY_TURNS.stringy;
  return { school, ...TURNS[school], clearEvery, because: natural.because };
}
