import type { COIL_SET_DOWNS, TAP_DRILL_RULES, TAP_NAMINGS } from './houseRules.ts';
import { NOTHING_LISTED, type Owned } from '../../facts/owned/index.ts';
import type { Rack } from '../../facts/drills/index.ts';
import type { ParentMaterial } from '../../facts/materials/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import type { WayId } from '../../facts/ways/index.ts';
import type { HoleChoices } from './choices.ts';
import type { Behind } from './choices/holeRows.ts';
import type { ScrewedIn } from './choices/jointRows.ts';
import type { Machine } from '../../facts/machines/index.ts';
import type { OwnUsed } from './ownUsed.ts';
import type { PracticesKept } from '../../facts/practice/index.ts';

/** A reading with its 95 % half-width. */
export interface Measured {
  mm: number;
  halfWidthMm: number;
}

/**
 * What the thread must carry: what the same hole carried new, or so much that the screw breaks before it strips, or the
 * preload of a torque. A screw tightened to yield is judged as one that must break first; its torque is never computed.
 */
export type LoadDemand =
  | { mode: 'as-made' }
  | { mode: 'fastener-first' }
  | { mode: 'to-yield' }
  | {
      mode: 'preload';
      torqueNm: number;
      /** State of the screw's thread when it is tightened. */
      friction: HoleChoices['friction'];
      load: HoleChoices['load'];
    };

export interface Joint {
  /** What is screwed in: bolt loads and torques belong to screws and studs. */
  screwedIn: ScrewedIn;
  /** Strength class id; null when unknown: the unfavourable end of what its head allows is then taken. */
  fastenerClassId: string | null;
  /** Head and drive: it tells which classes the screw may be of. */
  drive: HoleChoices['drive'];
  cause: HoleChoices['cause'];
  /** How far the present screw reaches below the face. */
  screwReach: Measured | null;
  /** Clearance hole in the mating part. */
  mateHole: Measured | null;
  /** False where the mating part must stay as it is. */
  mateMayBeOpened: boolean;
  demand: LoadDemand;
  /** Temperature in service; null when nobody said: presumed away from heat. */
  serviceC: number | null;
  nearHeat: HoleChoices['nearHeat'];
  /** Pressure that the joint keeps in; null: not said. */
  pressureBar: number | null;
  /** Read on a locking coil: it is added to the torque. */
  runningTorqueNm: number | null;
  /** Outer diameter of the washer's ring or seat that is pressed on the face; null: not measured. */
  seat: Measured | null;
  /** What the thread must keep in or out. */
  sealing: HoleChoices['sealing'];
  undone: HoleChoices['undone'];
  /** Whether a hand and a spanner reach the far side. */
  backReached: boolean;
  /** Room beyond the far side for a nut. */
  endRoom: Measured | null;
  /** What the screw clamps, washers included: with the reach it makes the screw's length. */
  grip: Measured | null;
  /** Whether the mend is seen and must not look mended. */
  appearance: boolean;
}

/** The part as it is worked on: it decides how it is held and reached, never whether a way holds. */
export interface Work {
  /** Null: nobody said; a card then names what it took. */
  access: HoleChoices['access'] | null;
  shape: HoleChoices['workShape'];
  massKg: number | null;
  /** What nothing of the cutting may stay on. */
  near: HoleChoices['workNear'];
  /** From what it stands on to the face. */
  heightMm: number | null;
  headroomMm: number | null;
  /** From the hole's axis to what stands beside it above the face. */
  sideRoomMm: number | null;
}

/** Something in the hole that must come out before anything is mended. */
export type Stuck = HoleChoices['stuck'];

/** A free edge, void or neighbour: how far from the hole's axis. */
export interface Limit {
  name: string;
  mm: number;
  halfWidthMm: number;
}

export const RANKING_RULES = [
  { id: 'least-metal', name: 'Least metal that does the job', why: 'Default: what is cut away never comes back.' },
  { id: 'keep-fastener', name: 'Keep the fastener', why: 'Right where screws are stocked in one size or matched.' },
  { id: 'go-up-a-size', name: 'Go up a size', why: 'Right where metal is plenty and inserts are far away.' },
  { id: 'strongest', name: 'Strongest first', why: 'Right where it failed by overload.' },
  { id: 'fastest', name: 'Fastest', why: 'Right when the machine stands and there is metal to spare.' },
] as const;
export type RankingRule = (typeof RANKING_RULES)[number]['id'];

/** What a ranking weighs, each from 0 (best) to about 1 (worst). */
export interface RankingWeights {
  metal: number;
  fastener: number;
  upsize: number;
  strength: number;
  time: number;
  cost: number;
}

export const RANKING_WEIGHTS: Readonly<Record<RankingRule, RankingWeights>> = {
  'least-metal': { metal: 1, fastener: 0, upsize: 0, strength: 0, time: 0, cost: 0 },
  'keep-fastener': { metal: 0.2, fastener: 1, upsize: 0, strength: 0, time: 0, cost: 0 },
  'go-up-a-size': { metal: 0.2, fastener: 0, upsize: 1, strength: 0, time: 0, cost: 0 },
  strongest: { metal: 0.1, fastener: 0, upsize: 0, strength: 1, time: 0, cost: 0 },
  fastest: { metal: 0.1, fastener: 0, upsize: 0, strength: 0, time: 1, cost: 0.2 },
};

/** What an hour in the shop and a job sent out cost, in the shop's own money. */
export interface Rates {
  perHour: number;
  sentOut: number;
}

export const USUAL_RATES: Rates = { perHour: 60, sentOut: 250 };

/** House rules that the proposal follows. Each is a school with a default (docs/methods.md, Ranking and Drills). */
export interface HouseRules {
  tapDrill: (typeof TAP_DRILL_RULES)[number]['id'];
  /** How far the first turn of a coil sits under the face, in turns. */
  coilSetDownTurns: (typeof COIL_SET_DOWNS)[number]['turns'];
  tapNames: (typeof TAP_NAMINGS)[number]['id'];
  /** Weights of the ranking; default least metal. */
  ranking?: { rule: RankingRule; weights: RankingWeights };
  /** Default the usual ones, an estimate until the shop types its own. */
  rates?: Rates;
  /** Taps, coils, extractors, tools and fluids owned; default nothing listed. */
  kit?: Owned;
  /** Machines of the shop, in the order in which they are taken; none: a card is written for an ordinary one. */
  machines?: Machine[];
  /** What the shop has settled of practice; the rest is chosen by the case. */
  practice?: PracticesKept;
  /** Figures of its own records that the shop uses in place of what is printed. */
  own?: OwnUsed[];
}

export const DEFAULT_HOUSE_RULES: Required<HouseRules> = {
  tapDrill: 'by-material',
  coilSetDownTurns: 0.5,
  tapNames: 'taper-second-bottoming',
  ranking: { rule: 'least-metal', weights: RANKING_WEIGHTS['least-metal'] },
  rates: USUAL_RATES,
  kit: NOTHING_LISTED,
  machines: [],
  practice: {},
  own: [],
};

/** Everything that the judgement of one hole reads. Lengths are measured from the face inwards. */
export interface HoleCase {
  /** The thread that the joint needs: as made, or as left by the last generation. */
  thread: Thread;
  parent: ParentMaterial;
  /** Tensile strength of the parent if it is known better than the table's low end. */
  parentTensileMpa: number | null;
  kind: HoleChoices['kind'];
  /** Thickness (through) or depth of the cylinder to the shoulder (blind). */
  depth: Measured;
  /** The depth at which sound thread begins; equal to the depth when it is stripped throughout. */
  damageTo: Measured;
  strippedThroughout: boolean;
  /** Two diameters of the bore at the damage, at right angles. */
  bore: { aMm: number; bMm: number; halfWidthMm: number } | null;
  /** How far the worn bore's centre lies off the true axis, along its long axis and across it. */
  boreOffset: { alongMm: number; acrossMm: number; halfWidthMm: number } | null;
  /** Of a bore worn to a slot: from the true axis to the centre of its farther end. */
  slotEnd: Measured | null;
  /** Round which axis it is cleaned up: where the hole was made, or where the bore is now. */
  axis: HoleChoices['axis'];
  /** From the hole's axis to the nearest free edge or void: the tightest of `limits`. */
  edge: Measured | null;
  edgeName: string;
  /** The edge is at least so far: somebody saw metal a diameter wide, nobody measured. */
  edgeAtLeast: boolean;
  /** Every edge, void and neighbour measured. */
  limits: Limit[];
  /** From the face to what lies beyond the bottom of a blind hole. */
  floor: Measured | null;
  floorName: string;
  /** What lies behind it; null: nobody looked. */
  behind: Behind | null;
  /** How far a pin in the hole leans over 50 mm. */
  leanPer50: Measured | null;
  /** Null: nobody looked for one. */
  crack: HoleChoices['crack'];
  stuck: Stuck;
  /** Outermost diameter already cut by an earlier repair, when it is larger than the thread. */
  earlierCutMm: number | null;
  /** Which repair left that cut, for the words. */
  earlierRepair: WayId | null;
  /** Somebody looked whether it holds a coil, a bush or a plug. */
  earlierSeen: boolean;
  /** What became of the coil that it held. */
  coilState: HoleChoices['coilState'];
  /** A method that was tried and failed, and whether what made it fail is still there. */
  failed: { method: WayId; causePresent: boolean } | null;
  joint: Joint;
  work: Work;
  duty: HoleChoices['duty'];
  /** What can hurt someone; null: the kind is not said. */
  hurtKind: HoleChoices['hurtKind'];
  /** What a new part costs, in the shop's money; null: not said. */
  partCost: number | null;
  rules: HouseRules;
  rack: Rack;
}
