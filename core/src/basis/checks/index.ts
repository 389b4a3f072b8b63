export { STATEMENT, type CheckKind, type CheckOf, type Facts, type Plain, type Verdict } from './Check.ts';
export type { Working, WorkingSymbol } from './Working.ts';
export { compareVerdicts, verdictUnderDoubt, worstFirst, worstVerdict } from './verdicts.ts';
