export { deviationsOf } from './deviationsOf.ts';
export { doubtWords, eventWords, knowsEvent, outcomeWords } from './eventWords.ts';
export { afterMend, KNOWN_WORDS, passportOf, type LifePoint, type Passport } from './passportOf.ts';
