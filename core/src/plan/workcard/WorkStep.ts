import type { Facts } from '../../basis/checks/index.ts';
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
};

/** The number that matters at a step: a length, or something that is counted. */
export type StepNumber =
  | {
      label: string;
      valueMm: number;
      /** To which side it is rounded to what a hand can set; left out: to the nearest tenth. */
      safe?: 'down' | 'up';
    }
  | { label: string; text: string };

/** How a kind of step is said. */
export interface StepKind<F extends Facts> {
  title: (facts: F, say: Say) => string;
  what: (facts: F, say: Say) => string;
  number: (facts: F) => StepNumber | null;
  caution: (facts: F, say: Say) => string | null;
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
};
