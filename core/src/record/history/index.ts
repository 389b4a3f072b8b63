export type { Attempt, HoleChoices, HoleEvent, HoleEventBody, ReadingPayload } from './HoleEvent.ts';
export { foldHole, type Generation, type HoleFile, type MendEntry, type ReadingEntry } from './foldHole.ts';
export { caseFromInputs, inputsOf, type CaseInputs, type CaseResult, type MissingInput } from './caseFromFile.ts';
export { drillingFromInputs, stuckFromInputs, stuckIsHard, stuckIsStainless } from './stuckFromInputs.ts';
