export { MADE_IN, USUAL_READING_HALF_WIDTH_MM, type Evidence, type MadeIn } from './evidence.ts';
export { identify, type Candidate, type Identification } from './identify.ts';
export { turnsToBind } from './likelihood.ts';
