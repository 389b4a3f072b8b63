import type { FluidId } from '../fluids/index.ts';
import type { ToolId } from '../tools/index.ts';

/** What the shop owns beside its drills. A list that was never made (null) says nothing: nothing is then said to be missing. */
export interface Owned {
  /** Threads whose taps are owned, by id. */
  taps: string[] | null;
  /** Threads whose coil tap and coils are owned, by id. */
  coils: string[] | null;
  /** Real lengths of the coils held, by the screw's thread; never listed: offered by multiples of the diameter. */
  coilLengths?: { threadId: string; lengthMm: number }[] | null;
  /** Screw extractors, each known by the drill that goes before it, mm. */
  extractorDrillsMm: number[] | null;
  /** Hand tools and aids, and cutting fluids; left out or null: never listed. */
  tools?: ToolId[] | null;
  fluids?: FluidId[] | null;
}

export const NOTHING_LISTED: Owned = { taps: null, coils: null, extractorDrillsMm: null };
