import { CHOICES, type ChoiceId } from './choices.ts';
import { QUANTITIES, type QuantityId } from './quantities.ts';

/** What one hole of a pattern tells of the next. @example SISTER_TELLS.readings // ['depth', 'grip', 'screw-reach'] */
export const SISTER_TELLS: { choices: readonly ChoiceId[]; readings: readonly QuantityId[] } = {
  choices: CHOICES.filter((row) => 'told' in row).map(({ id }) => id),
  readings: QUANTITIES.filter((row) => 'told' in row).map(({ id }) => id),
};
