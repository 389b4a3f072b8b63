export type { AskedWords, Check, Remedy, Verdict } from './Check.ts';
export type { AskedWorking, Working, WorkingSymbol } from './Working.ts';
export { compareVerdicts, verdictUnderDoubt, worstFirst, worstVerdict } from './verdicts.ts';
