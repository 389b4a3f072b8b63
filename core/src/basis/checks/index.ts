export type { Check, Remedy, Verdict } from './Check.ts';
export type { Working, WorkingSymbol } from './Working.ts';
export { compareVerdicts, verdictUnderDoubt, worstFirst, worstVerdict } from './verdicts.ts';
