import type { AskedWords, AskedWorking, Check, Verdict } from '../../basis/checks/index.ts';
import type { TapDrill } from '../../facts/drills/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import type { MostTorque } from '../../judge/strength/index.ts';

/** Every way of mending, from the least done to the part to the most. */
export const METHOD_IDS = [
  'leave-it',
  'clean-up',
  'longer-screw',
  'wire-coil',
  'oversize',
  'stepped-stud',
  'solid-bush',
  'keyed-bush',
  'plug',
  'through-bolt',
  'bonded-stud',
  'move-hole',
  'weld',
  'send-out',
] as const;
export type MethodId = (typeof METHOD_IDS)[number];

/** What a route takes out of the metal. Diameters in mm, depths from the face. */
export interface RouteCut {
  /** The drill to take from the rack; null when the route drills nothing or none is fit. */
  drill: TapDrill | null;
  /** The bore as it will be: drilled, or as it is. */
  boreMm: number;
  /** Major diameter of the thread cut in the parent. */
  majorMm: number;
  /** The thread cut in the parent; null for an insert tap's thread, which has no name of its own, and where none is cut. */
  thread: Thread | null;
  /** Outermost cut, with any earlier repair. */
  outermostMm: number;
  /** What the tap is called. */
  tapName: string;
  /** Leads of the taps to run, in order. */
  tapLeads: (8 | 4 | 2 | 1)[];
}

export interface RouteDepths {
  fullThreadFromMm: number;
  fullThreadToMm: number;
  /** Cylinder to the shoulder (blind) or through (thickness). */
  drillShoulderMm: number;
  /** Tip of the drill; equal to the shoulder where it goes through. */
  drillTipMm: number;
  insertFromMm: number | null;
  insertToMm: number | null;
  countersinkMm: number;
  /** How far the screw must reach below the face to use what is there. */
  screwReachMm: number;
}

export interface MetalReserve {
  /** Share of the metal between the as-made thread and the limit that is still there; null when the limit is unknown. */
  ratio: number | null;
  leftMm: number | null;
  working: AskedWorking | null;
}

/** One way to mend the hole, judged. */
export interface Route {
  /** Stable key: `wire-coil:M8x1.25:16`. */
  id: string;
  method: MethodId;
  title: string;
  /** The screw's thread afterwards. */
  thread: Thread;
  fastenerName: string;
  /** Nominal insert length in multiples of D, for coils. */
  insertLengthD: number | null;
  cut: RouteCut;
  depths: RouteDepths;
  engagementMm: number;
  /** Engagement at which thread and screw are as strong as the need; more buys nothing. */
  balanceEngagementMm: number | null;
  /** Depth that may be bored clear at the mouth, because more thread buys nothing; null where all of it is wanted. */
  counterDrillMm: number | null;
  stripLoadN: number | null;
  breakLoadN: number;
  /** Worst first. */
  checks: Check[];
  verdict: Verdict;
  reserve: MetalReserve;
  /** Most torque, oiled, and which side sets it; null where no thread in the parent carries the load. */
  torque: MostTorque | null;
  /** Working time and cost by the shop's rates (estimates). */
  minutes: number;
  cost: number;
  /** Tools that are not on the crib's list; the time to get them is in the minutes. */
  toFetch: string[];
  /** What becomes of the screw: kept, a longer one, or another. */
  fastenerChange: 'kept' | 'longer' | 'new';
  /** What it does to the mating part, in words; empty: nothing. */
  mateEffect: string;
  /** Whether it can be undone. */
  reversible: 'yes' | 'partly' | 'no';
  /** What is still possible in this hole if this fails too. */
  afterwards: string[];
  /** Steps of its own at the machine, after the thread is cut. */
  ownSteps: { id: string; title: string; what: string; caution: string | null }[];
  /** What the drill rack offers instead: nearest below and above. */
  substitutes: TapDrill[];
  workings: AskedWorking[];
  notes: string[];
  /** One sentence on what put it above the next. */
  because: AskedWords;
}

/** A route before ranking. */
type ProposedRoute = Omit<Route, 'because'>;

/** What one method proposes; the rest is the same for all and filled in once. */
export type BareRoute = Omit<
  ProposedRoute,
  | 'verdict'
  | 'reserve'
  | 'torque'
  | 'minutes'
  | 'toFetch'
  | 'cost'
  | 'fastenerChange'
  | 'reversible'
  | 'afterwards'
  | 'mateEffect'
  | 'ownSteps'
  | 'counterDrillMm'
> & {
  ownSteps?: ProposedRoute['ownSteps'];
  mateEffect?: string;
  /** Strip load at the pessimistic end of the readings. */
  stripLeastN: number | null;
};
