import type { Cause } from './causes.ts';

/** What a way of mending is: names, what it does to the hole, what it costs. How it is judged stands in `plan/routes/methods`. */
export interface Way {
  name: string;
  /** What was done, as a hole's life tells it. */
  past: string;
  /** What must not be done to the hole afterwards, as its label says it; empty: nothing of its own. */
  keepOff: string;
  /** What it leaves in the hole that must not turn, and by what it is held; none: the thread stands in the metal itself. */
  sleeve: 'none' | 'wire' | 'compound' | 'keys';
  /** What its thread carries follows from the bore and the depth that are measured; else from a sheet of its own. */
  carriesByCut: boolean;
  /** Drills into metal that was sound. */
  drills: boolean;
  /** Cuts a new thread in the parent with a tap. */
  taps: boolean;
  /** Fills the hole first, so that its old thread is made again in new metal. */
  fills: boolean;
  /** Bores by the sheet of what is fitted, which the maker gives with it. */
  bySheet: boolean;
  /** Uses a thread in the parent, old or new, to carry the load. */
  threadCarries: boolean;
  /** Follows the old hole, so that its lean stays. */
  followsHole: boolean;
  /** A path along which a liquid can creep past. */
  leaksAlong: boolean;
  /** Hottest that its insert, locker or adhesive stands; null: nothing of the kind in it. */
  hottestC: number | null;
  /** What is used at that temperature, for the words. */
  hotPart: string;
  fastenerChange: 'kept' | 'longer' | 'new';
  reversible: 'yes' | 'partly' | 'no';
  /** Working time in minutes, waits left out, and parts in the shop's money. All our estimate. */
  minutes: number;
  parts: number;
  /** Leaves a thread that is another one than before: the hole's next generation. */
  newGeneration: boolean;
  /**
   * The repair that the hole holds afterwards, by the id of the way that first leaves it, and whether the next tap would
   * still cut the parent; null: none that the next mend has to go round.
   */
  leaves: { id: string; name: string; isParent: boolean } | null;
  /** Comes after every way that leaves a sound thread in the hole, whatever it weighs. */
  lastResort: boolean;
  /** Another shop answers for it: what stands in the way here does not there. */
  elsewhere: boolean;
  /** Works on this hole; false where a new one is made beside it. */
  atThisHole: boolean;
  /** Stands on the metal ladder of itself; else only when it is first or chosen, because nothing of it is seen in the metal. */
  onLadder: boolean;
  /** It is seen from outside that the part was mended. */
  seen: boolean;
  /** May stand where a failure can hurt someone: no adhesive, no derated thread. */
  holdsPeople: boolean;
  /** Takes the present thread with less than its full duty. */
  derates: boolean;
  /** Takes away a crack that reaches the hole. */
  mendsCracks: boolean;
  /** A bare thread, which wears in soft metal when it is often undone. */
  bareThread: boolean;
  /** The tap follows the helix that is there and starts no new one. */
  followsHelix: boolean;
  /** A larger standard thread in the parent itself. */
  goesUpASize: boolean;
  /** What made the thread fail and this way takes away by itself. */
  prevents: readonly Cause[];
  /** Which list of the crib holds what it needs. */
  needs: 'coils' | 'taps';
}

/** What holds of a way unless its file says otherwise. */
export const USUAL_WAY = {
  drills: false,
  taps: false,
  fills: false,
  bySheet: false,
  threadCarries: false,
  followsHole: true,
  leaksAlong: false,
  hottestC: null,
  hotPart: '',
  keepOff: '',
  sleeve: 'none',
  carriesByCut: false,
  newGeneration: true,
  leaves: null,
  lastResort: false,
  elsewhere: false,
  atThisHole: true,
  onLadder: true,
  seen: false,
  holdsPeople: true,
  derates: false,
  mendsCracks: false,
  bareThread: false,
  followsHelix: false,
  goesUpASize: false,
  prevents: [],
  needs: 'taps',
} as const satisfies Partial<Way>;
