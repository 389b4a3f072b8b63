export { MADE_IN, USUAL_READING_HALF_WIDTH_MM, type Evidence, type MadeIn } from './evidence.ts';
export { identify, type Candidate, type Identification, type LookAlike, type Separator } from './identify.ts';
export { usualOn } from './systemPrior.ts';
export { turnsToBind } from './likelihood.ts';
