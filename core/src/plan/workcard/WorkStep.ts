import type { Facts } from '../../basis/checks/index.ts';
import type { LoadBand } from '../cutting/index.ts';
import type { Say } from '../../basis/units/index.ts';

/** One step at the machine, as data. Its words are written from its facts by its kind. */
export type StepOf<Kind extends string, F> = {
  kind: Kind;
  id: string;
  facts: F;
  /** From this step on metal is gone: it is asked before it is begun. */
  noReturn?: true;
  /** Done once what was cut is proved: not a step at the machine. */
  afterProof?: true;
  /** Working time, waits left out (our estimate). */
  minutes?: number;
};

/** Working time of steps, minutes; waits are left out. @example minutesOf([{ minutes: 5 }, {}]) // 5 */
export const minutesOf = (steps: readonly { minutes?: number }[]): number =>
  steps.reduce((sum, { minutes = 0 }) => sum + minutes, 0);

/** The number that matters at a step: a length, or something that is counted. */
export type StepNumber =
  | {
      label: string;
      valueMm: number;
      /** To which side it is rounded to what a hand can set; left out: to the nearest tenth; a limit is gauged, not set. */
      safe?: 'down' | 'up' | 'limit';
    }
  | { label: string; text: string };

/** A number that a hand sets or a mind keeps beside the one that matters. */
export type SaidNumber = { label: string; value: string; note?: string };

/** A tool that a step asks for: in the crib, missing there, or nobody ever listed such things; what does in its place. */
export type SaidTool = { name: string; state: 'owned' | 'missing' | 'unlisted'; instead: string | null };

/** Where good mechanics differ: what is taken here, when that is right, and the other way with its case. */
export type SaidPractice = {
  question: string;
  taken: string;
  right: string;
  settled: boolean;
  other: string;
  otherRight: string;
};

/** What a step says beside what to do; each is left out where there is nothing to say. */
export type StepMore = {
  numbers?: SaidNumber[];
  tools?: SaidTool[];
  fluid?: string;
  feel?: string;
  stop?: string;
  practice?: SaidPractice[];
  /** What is written down at it: a line on paper each. */
  write?: string[];
  /** How many times stronger the tool is than its cut: as planned first, then what makes it worse or better. */
  scale?: { label: string; times: number; band: LoadBand }[];
};

/** How a kind of step is said. */
export interface StepKind<F extends Facts> {
  title: (facts: F, say: Say) => string;
  what: (facts: F, say: Say) => string;
  number: (facts: F) => StepNumber | null;
  caution: (facts: F, say: Say) => string | null;
  more?: (facts: F, say: Say) => StepMore;
}

export const noNumber = (): null => null;
export const noCaution = (): null => null;

/** A step in words, in one system of units: what a card prints. */
export type SaidStep = {
  id: string;
  title: string;
  what: string;
  /** The number that matters, as it is shown: `main` large, `unit` quiet. */
  number: (StepNumber & { main: string; unit: string }) | null;
  caution: string | null;
  noReturn?: true;
  afterProof?: true;
  minutes?: number;
} & StepMore;
