export { InputError } from './InputError.ts';
export { clamp, finite, positive, within } from './guards.ts';
export { firstAtLeast } from './firstAtLeast.ts';
export { seededRandom } from './seededRandom.ts';
export { Z95 } from './normal.ts';
export { roundTo } from './roundTo.ts';
export { canonicalJson, digestOf } from './digest.ts';
