import type { Facts, Verdict } from '../../basis/checks/index.ts';
import type { Say } from '../../basis/units/index.ts';
import type { MeansId } from '../../facts/means/index.ts';
import type { StuckCase, TriedMeans } from './StuckCase.ts';

/** One step of a means; a timed one has its minutes. */
export interface FreeStep {
  what: string;
  minutes: number | null;
  /** It makes things hot: what heat does to things near is ticked off before. */
  hot?: true;
}

/**
 * One means of freeing, as it is worked out for a case. `Own` are the facts that its words are written from: a `type` of
 * named fields, so that what is proposed stays data.
 */
export interface MeansMethod<Own extends Facts> {
  judge: (stuck: StuckCase) => { verdict: Verdict; facts: Own };
  title: (facts: Own) => string;
  /** Why it stands so, as half a sentence. */
  because: (facts: Own, verdict: Verdict, say: Say) => string;
  /** What to do, in order, with its numbers. */
  steps: (facts: Own, say: Say) => FreeStep[];
  /** When to stop. */
  stop: (facts: Own) => string;
  /** What it makes impossible afterwards; empty: nothing. */
  spoils: (facts: Own) => string;
}

/** What earlier tries say of a means. */
export type Tries = { times: number; worse: boolean; last: TriedMeans['outcome'] };

/** One means of freeing, judged for a case. Data only: its words are written where it is shown. */
export type MeansOf<Id extends MeansId, Own extends Facts> = {
  id: Id;
  verdict: Verdict;
  /** How often its steps are gone through before the next means. */
  rounds: number;
  facts: Own;
  /** Null: it was not tried yet. */
  tries: Tries | null;
};

/** Steps without a clock. */
export const steps = (...words: string[]): FreeStep[] => words.map((what) => ({ what, minutes: null }));
export const spoilsNothing = (): string => '';
