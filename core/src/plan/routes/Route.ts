import type { Check, Verdict, Working } from '../../basis/checks/index.ts';
import type { TapDrill } from '../../facts/drills/index.ts';
import type { Thread } from '../../facts/threads/index.ts';

export type MethodId = 'clean-up' | 'longer-screw' | 'oversize' | 'wire-coil';

/** What a route takes out of the metal. Diameters in mm, depths from the face. */
export interface RouteCut {
  /** The drill to take from the rack; null when the route drills nothing or none is fit. */
  drill: TapDrill | null;
  /** The bore as it will be: drilled, or as it is. */
  boreMm: number;
  /** Major diameter of the thread cut in the parent. */
  majorMm: number;
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
  working: Working | null;
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
  stripLoadN: number | null;
  breakLoadN: number;
  /** Worst first. */
  checks: Check[];
  verdict: Verdict;
  reserve: MetalReserve;
  /** What the drill rack offers instead: nearest below and above. */
  substitutes: TapDrill[];
  workings: Working[];
  notes: string[];
  /** One sentence on what put it above the next. */
  because: string;
}

/** A route before ranking. */
export type ProposedRoute = Omit<Route, 'because'>;
