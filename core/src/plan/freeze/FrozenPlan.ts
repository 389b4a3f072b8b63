import type { CheckOf, Facts, Verdict } from '../../basis/checks/index.ts';
import type { UnitSystem } from '../../basis/units/index.ts';
import type { WayId } from '../../facts/ways/index.ts';
import type { Expectation } from '../proof/index.ts';
import type { TickId } from '../routes/index.ts';
import type { SaidStep } from '../workcard/index.ts';

/** The numbers of a route that a person has seen and agrees to. */
export type PlanNumbers = {
  drillId: string | null;
  boreMm: number;
  cutMajorMm: number;
  outermostMm: number;
  fullThreadToMm: number;
  drillTipMm: number;
  insertFromMm: number | null;
  insertToMm: number | null;
  screwReachMm: number;
  engagementMm: number;
  stripLoadN: number | null;
  breakLoadN: number;
};

/** A check and a step as they were when the plan was frozen: data of a kind that a later build may no longer know. */
export type FrozenCheck = CheckOf<string, Facts>;
export type FrozenStep = {
  kind: string;
  id: string;
  facts: Facts;
  noReturn?: true;
  afterProof?: true;
  minutes?: number;
};

/** A plan in words, in one system of units, as it was written when it was frozen. */
export type SaidPlan = {
  /** What is to be looked at before the first cut, in the order of `ticks`. */
  ticks: string[];
  checks: { id: string; title: string; verdict: Verdict; because: string }[];
  notes: string[];
  steps: SaidStep[];
};

/**
 * A route chosen and frozen: it never moves until someone plans again. Screens and papers of a frozen plan print `said`
 * and never write it anew from the facts, so that a signed record reads the same in ten years.
 */
export type FrozenPlan = {
  engineVersion: string;
  routeId: string;
  method: WayId;
  title: string;
  threadId: string;
  fastenerName: string;
  insertLengthD: number | null;
  verdict: Verdict;
  numbers: PlanNumbers;
  /** What is to be looked at before the first cut; none in plans of engines before 0.6.0. */
  ticks: TickId[];
  /** Readings and answers that nobody has given and without which nothing is cut; none in plans before 0.6.0. */
  asks: string[];
  expectations: Expectation[];
  /** Empty in plans of engines before 0.5.0, which kept no facts. */
  checks: FrozenCheck[];
  steps: FrozenStep[];
  said: Record<UnitSystem, SaidPlan>;
  /** Digest of the numbers and the verdict: equal where browser and server computed the same. */
  digest: string;
  /** Digest of the facts and the words; null in plans of engines before 0.5.0. */
  seal: string | null;
};
