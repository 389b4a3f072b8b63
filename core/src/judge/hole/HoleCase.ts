import type { Rack } from '../../facts/drills/index.ts';
import type { ParentMaterial } from '../../facts/materials/index.ts';
import type { Thread } from '../../facts/threads/index.ts';

/** A reading with its 95 % half-width. `assumed` names a safe assumption that stands in for a reading. */
export interface Measured {
  mm: number;
  halfWidthMm: number;
  assumed?: string;
}

/** How the screw is loaded: `fastener-first` wants the screw to break before the thread strips. */
export type LoadDemand =
  | { mode: 'fastener-first' }
  | {
      mode: 'preload';
      torqueNm: number;
      /** State of the screw's thread when it is tightened. */
      friction: 'dry' | 'oiled' | 'anti-seize' | 'unknown';
      load: 'static' | 'pulsating';
    };

export type Duty = 'ordinary' | 'leak-or-damage' | 'can-hurt' | 'under-code';

export interface Joint {
  /** Strength class id; null when unknown (a class is then assumed and named). */
  fastenerClassId: string | null;
  /** How far the present screw reaches below the face. */
  screwReach: Measured | null;
  /** Clearance hole in the mating part. */
  mateHole: Measured | null;
  demand: LoadDemand;
}

/** House rules that the proposal follows. Each is a school with a default; see docs/methods.md. */
export interface HouseRules {
  tapDrill: 'by-material' | 'chart-75' | 'major-minus-pitch';
  /** How far the first turn of a coil sits under the face, in turns. */
  coilSetDownTurns: 0.25 | 0.5 | 0.75;
  tapNames: 'taper-second-bottoming' | 'taper-plug-bottoming' | 'lead-threads';
}

export const DEFAULT_HOUSE_RULES: HouseRules = {
  tapDrill: 'by-material',
  coilSetDownTurns: 0.5,
  tapNames: 'taper-second-bottoming',
};

/** Everything that the judgement of one hole reads. Lengths are measured from the face inwards. */
export interface HoleCase {
  /** The thread that the joint needs: as made, or as left by the last generation. */
  thread: Thread;
  parent: ParentMaterial;
  /** Tensile strength of the parent if it is known better than the table's low end. */
  parentTensileMpa: number | null;
  kind: 'through' | 'blind';
  /** Thickness (through) or depth of the cylinder to the shoulder (blind). */
  depth: Measured;
  /** The depth at which sound thread begins; equal to the depth when it is stripped throughout. */
  damageTo: Measured;
  strippedThroughout: boolean;
  /** Two diameters of the bore at the damage, at right angles. */
  bore: { aMm: number; bMm: number; halfWidthMm: number } | null;
  /** From the hole's axis to the nearest free edge or void. */
  edge: Measured | null;
  edgeName: string;
  /** Outermost diameter already cut by an earlier repair, when it is larger than the thread. */
  earlierCutMm: number | null;
  /** Which repair left that cut, for the words. */
  earlierRepair: 'wire-coil' | 'oversize' | null;
  joint: Joint;
  duty: Duty;
  rules: HouseRules;
  rack: Rack;
}
