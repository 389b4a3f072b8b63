import type { Verdict } from '../../basis/checks/index.ts';
import type { StuckCase } from './StuckCase.ts';

/** Every means held, from the least harm to the most. */
export const MEANS_IDS = [
  'coil-end',
  'drive-through',
  'turn-out',
  'drive-again',
  'heat-soak',
  'weld-nut',
  'pull',
  'left-hand-drill',
  'extractor',
  'core-peel',
  'mill',
  'hard-drill',
  'spark-erosion',
  'send-out',
] as const;
export type MeansId = (typeof MEANS_IDS)[number];

/** One step of a means; a timed one has its minutes. */
export interface FreeStep {
  what: string;
  minutes: number | null;
}

/** One means of freeing, judged for this case. */
export interface Means {
  id: MeansId;
  title: string;
  verdict: Verdict;
  because: string;
  /** What to do, in order, with its numbers. */
  steps: FreeStep[];
  /** How often the steps are gone through before the next means. */
  rounds: number;
  /** When to stop. */
  stop: string;
  /** What it makes impossible afterwards; empty: nothing. */
  spoils: string;
}

export type JudgeMeans = (stuck: StuckCase) => Omit<Means, 'id' | 'rounds'> & { rounds?: number };
