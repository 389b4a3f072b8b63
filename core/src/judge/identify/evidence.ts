import type { Hand } from '../../facts/threads/index.ts';

/**
 * What can be known of a thread whose name is not: any mix, in any order. Half-widths are 95 %.
 * `male-*` is read on the screw, `bore` and `plug` in the hole.
 */
export type Evidence =
  | { kind: 'male-major'; mm: number; halfWidthMm: number; worn: boolean }
  /** Length over a number of pitches: over ten it is ten times surer than over one. */
  | { kind: 'pitch'; overMm: number; pitches: number; halfWidthMm: number }
  /** A pitch gauge of this count sits without light. */
  | { kind: 'threads-per-inch'; count: number }
  | { kind: 'bore'; mm: number; halfWidthMm: number }
  /** The largest plug or drill shank that enters; the next one, a step larger, does not. */
  | { kind: 'plug'; mm: number; stepMm: number }
  /** A known screw runs in freely (`bindsAfterTurns` null), binds after so many turns, or does not start (0). */
  | { kind: 'test-screw'; threadId: string; bindsAfterTurns: number | null }
  /** The angle between flanks, by a gauge blade unless it was told by eye; 0 is square. */
  | { kind: 'form-angle'; deg: number; by?: 'blade' | 'eye' | undefined }
  /** The thread grows along its length, or does not. */
  | { kind: 'taper'; seen: boolean }
  /** Which way the thread winds, as somebody looked. */
  | { kind: 'hand'; hand: Hand }
  /** Where and when the machine was made; the year null when nobody knows. */
  | { kind: 'made'; region: MadeIn; year: number | null };

export const MADE_IN = [
  { id: 'metric', name: 'a metric country' },
  { id: 'north-america', name: 'North America' },
  { id: 'britain', name: 'Britain or its trade' },
] as const;
export type MadeIn = (typeof MADE_IN)[number]['id'];

/** A pitch gauge tells pitches apart to about this much (our estimate). */
export const GAUGE_PITCH_HALF_WIDTH = 0.02;

/** Doubt of an angle between flanks, 95 % (our estimate): a blade parts 55° from 60°, an eye hardly; neither 29° from 30°. */
export const ANGLE_DOUBT_DEG = { blade: 1, eye: 4 } as const;

/** What is usually at hand, 95 %: a caliper over crests and in bores, a rule laid along several pitches (our estimate). */
export const USUAL_READING_HALF_WIDTH_MM = { caliper: 0.05, ruleOverPitches: 0.3 } as const;
