import type { AskedWorking } from './Working.ts';

/** The three verdicts, from best to worst. */
export type Verdict = 'holds' | 'with-care' | 'does-not-hold';

/** A value that a person must act on at the machine or the bench to turn a failed check into a cautious one. */
export interface Remedy {
  id:
    | 'open-mate'
    | 'longer-screw'
    | 'buy-drill'
    | 'keep-old-torque'
    | 'mark-system'
    | 'guide-axis'
    | 'square-up'
    | 'seal-head'
    | 'second-tap'
    | 'turn-part'
    | 'refer'
    | 'stop-cracks'
    | 'insulate'
    | 'derate';
  /** What to do, as a step that the plan carries. */
  step: string;
}

/** Words that are written when somebody reads them: a proposal has hundreds of sentences, of which a few are read. */
export type AskedWords = () => string;

/** One judged fact of a route: screens print it, they compute nothing of it. */
export interface Check {
  id: string;
  title: string;
  verdict: Verdict;
  /** The value judged, at the nominal readings. `null` when it cannot be known yet. */
  value: number | null;
  /** The same at the pessimistic end of the readings. */
  valuePessimistic: number | null;
  /** The limit it is held against. */
  limit: number | null;
  unit: 'mm' | 'ratio' | 'share' | 'times' | 'turns' | 'N' | 'Nm' | 'degC' | 'none';
  because: AskedWords;
  working: AskedWorking | null;
  /** The reading that would settle the doubt, when the readings are what stands between the verdicts. */
  settledBy?: string;
  remedy?: Remedy;
}
