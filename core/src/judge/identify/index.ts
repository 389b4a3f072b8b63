export { MADE_IN, USUAL_READING_HALF_WIDTH_MM, type Evidence, type MadeIn } from './evidence.ts';
export { identify, type Identification } from './identify.ts';
export { turnsToBind } from './likelihood.ts';
export { usedFor } from './uses.ts';
export { againstWords, findingNotes, headlineWords, misfitWords, separatorWords } from './identifyWords.ts';
