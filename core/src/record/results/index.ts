export { cureWaitAt, stampCured } from './cureWaitAt.ts';
export { checkPlannedBore, type RecordedResult } from './compareResult.ts';
export { proofStanding, type ProofRow, type ProofStanding } from './proofStanding.ts';
export { foundMm, foundWords } from './foundWords.ts';
