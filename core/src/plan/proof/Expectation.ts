import type { ProofId, ProofKind, ROW_NEEDS } from './proofKinds.ts';

/** Something to measure or try when the work is done, and what the plan expects. */
export type Expectation = {
  id: ProofId;
  title: string;
  kind: ProofKind['answer'];
  /** Limits of the class, mm; null: none on that side. Never widened by the plan. */
  lowMm: number | null;
  highMm: number | null;
  /** A bore that the plan drills outside its usual class, because the strength allows it: what it was to be. */
  plannedMm?: { lowMm: number; highMm: number };
  /** Turns that a no-go may take. */
  mostTurns?: number;
  /** Torque, Nm, or pull, N, that it must hold: what the parent and the screw both stand, never a screw's full value. */
  leastNm?: number;
  leastN?: number;
  /** The steps in which that is reached, in its unit, the last one all of it. */
  steps?: number[];
  /**
   * By itself, or as one of several that meet the same need. `if-can`: what it shows is told, and nobody waits for it. Plans
   * before 0.9.0 say nothing.
   */
  need?: (typeof ROW_NEEDS)[number];
  cannotShow?: string;
};
