import type { Facts, Verdict } from '../../basis/checks/index.ts';
import type { TapDrill } from '../../facts/drills/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import type { Way, WayId } from '../../facts/ways/index.ts';
import type { Assessment } from '../../judge/damage/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import type { Check } from './checks/registry.ts';
import type { AsMade } from './asMade.ts';
import type { TakenFastener } from './fastener.ts';
import type { Tick } from './ticks.ts';
import type { NamedTorque } from './namedTorque.ts';
import type { MetalReserve } from './metalReserve.ts';
import type { RankReason } from './rank.ts';
import type { RouteWorking } from './routeWorkings.ts';

/** What every method of mending reads. */
export interface RouteContext {
  hole: HoleCase;
  assessment: Assessment;
  /** What the same hole carried new. */
  made: AsMade;
}

/** What a route takes out of the metal. Diameters in mm, depths from the face. */
export interface RouteCut {
  /** The drill to take from the rack; null when the route drills nothing or none is fit. */
  drill: TapDrill | null;
  /** Size of the drill that it needs, in the rack or to be got; null: it drills nothing. */
  drillMm: number | null;
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

/** What a method gives of one variant of itself; the rest is the same for all ways and is filled in once. */
export interface Proposed<Own extends Facts = Facts> {
  /** Stable key: `wire-coil:M8x1.25:16`. */
  id: string;
  /** Its name on a rung and a card. */
  title: string;
  /** The screw's thread afterwards. */
  thread: Thread;
  fastener: TakenFastener;
  /** Nominal insert length in multiples of D, for coils. */
  insertLengthD: number | null;
  cut: RouteCut;
  depths: RouteDepths;
  engagementMm: number;
  /** Cold shear strength of what the screw's thread stands in, where that is a bush or a plug. */
  insideShearMpa?: number;
  /** Engagement at which thread and screw are as strong as the need; more buys nothing. */
  balanceEngagementMm: number | null;
  stripLoadN: number | null;
  /** Strip load at the pessimistic end of the readings. */
  stripLeastN: number | null;
  /** What it is held against; null where it carries no thread, or is outside the model. */
  needN: number | null;
  /** Strip load against that of the same hole new. */
  againstNew: number | null;
  breakLoadN: number;
  checks: Check[];
  /** What the drill rack offers instead: nearest below and above. */
  substitutes: TapDrill[];
  workings: RouteWorking[];
  /** What its own notes and steps are written from. */
  own: Own;
}

/** One way to mend the hole, judged. Data only: its words are written where it is shown. */
export type RouteOf<Id extends WayId, Own extends Facts> = Omit<
  Proposed<Own>,
  'stripLeastN' | 'fastener' | 'insideShearMpa'
> & {
  /** Cold shear strength of what the screw's thread stands in; null: in the parent, or in hard steel. */
  insideShearMpa: number | null;
  method: Id;
  fastenerName: string;
  fastenerTaken: TakenFastener;
  /** What is to be looked at before the first cut: the machine waits for it. */
  ticks: Tick[];
  /** Depth that may be bored clear at the mouth, because more thread buys nothing; null where all of it is wanted. */
  counterDrillMm: number | null;
  verdict: Verdict;
  reserve: MetalReserve;
  /** The torque where the maker gives none, oiled, and which side sets it; null where none is named. */
  torque: NamedTorque | null;
  /** Length of the screw under its head, where the grip is known. */
  screwLengthMm: number | null;
  /** Working time and cost by the shop's rates (estimates). */
  minutes: number;
  /** On how many of the shop's own mends the time stands; null: on the printed estimate. */
  ownMends: number | null;
  cost: number;
  /** Tools that are not on the crib's list; the time to get them is in the minutes. */
  toFetch: string[];
  /** What becomes of the screw: kept, a longer one, or another. */
  fastenerChange: Way['fastenerChange'];
  /** Whether it can be undone. */
  reversible: Way['reversible'];
  /** What is still possible in this hole if this fails too. */
  afterwards: string[];
  /** What put it above the next. */
  rank: RankReason;
};

export type { Route } from './methods/registry.ts';
