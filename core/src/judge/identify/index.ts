export type { Evidence } from './evidence.ts';
export { identify, type Candidate, type Identification, type LookAlike, type Separator } from './identify.ts';
export { turnsToBind } from './likelihood.ts';
