export { STATEMENT, type CheckKind, type CheckOf, type Facts, type Verdict } from './Check.ts';
export type { Working } from './Working.ts';
export {
  VERDICT_WORDS,
  compareVerdicts,
  verdictOfUnknown,
  verdictUnderDoubt,
  worstFirst,
  worstVerdict,
} from './verdicts.ts';
