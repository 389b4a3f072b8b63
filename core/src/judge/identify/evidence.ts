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
  /** A known screw runs in freely (`bindsAfterTurns` null) or binds after so many turns. */
  | { kind: 'test-screw'; threadId: string; bindsAfterTurns: number | null }
  /** Which system the machine was built in. */
  | { kind: 'region'; system: 'metric' | 'inch' };

/** A pitch gauge tells pitches apart to about this much (our estimate). */
export const GAUGE_PITCH_HALF_WIDTH = 0.02;
