import type { Say } from '../units/index.ts';
import type { Working } from './Working.ts';

/** The three verdicts, from best to worst. */
export type Verdict = 'holds' | 'with-care' | 'does-not-hold';

/** What goes through a worker, JSON and the database as it is: no function, Date or Map. */
export type Plain = string | number | boolean | null | readonly Plain[] | { readonly [key: string]: Plain };
/** Facts are a `type` of named fields, never an interface: an interface has no index signature and is refused here. */
export type Facts = { readonly [key: string]: Plain };

/** One judged fact of a route, as data. Its words and its working are written from its facts by its kind. */
export type CheckOf<Kind extends string, F> = {
  kind: Kind;
  /** What it is about: the same for every kind of one question. */
  id: string;
  verdict: Verdict;
  /** The value judged, at the nominal readings; null when it cannot be known yet, or when there is no number in it. */
  value: number | null;
  /** The same at the pessimistic end of the readings. */
  valuePessimistic: number | null;
  /** The limit it is held against. */
  limit: number | null;
  unit: 'mm' | 'ratio' | 'share' | 'times' | 'turns' | 'N' | 'Nm' | 'degC' | 'none';
  facts: F;
  /** The reading that would settle the doubt, when the readings are what stands between the verdicts. */
  settledBy?: string;
  /** Nobody knows it, and one plausible value is refused: nothing is cut before `settledBy` is given. */
  shut?: true;
  /** An ordinary step that turns it into a cautious one: its id; the words are the kind's. */
  remedy?: string;
};

/** How a kind of check is said and shown. */
export interface CheckKind<F extends Facts> {
  title: (facts: F) => string;
  /** Why it stands so, as half a sentence. */
  words: (facts: F, verdict: Verdict, say: Say) => string;
  /** How its number came about; null only where it is never held against a limit. */
  working: ((facts: F) => Working) | null;
  /** What to do about it, as a step that the plan carries; only where it has a remedy. */
  step?: (facts: F, say: Say) => string;
}

/** The fields of a check that is a statement: no number, no limit. */
export const STATEMENT = { value: null, valuePessimistic: null, limit: null, unit: 'none' } as const;
