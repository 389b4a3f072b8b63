import type { UnitSystem } from './formatLength.ts';

/**
 * How finely a length is shown, by how it is found: digits after the point. One table, so that a depth reads alike on the
 * plate, in a figure and on a card.
 */
export const PRECISION = {
  /** With a rule, a rod or a stop: depths, reaches, flags. */
  depth: { mm: 1, in: 3 },
  /** With a caliper: what was measured of a hole, before and after. */
  caliper: { mm: 2, in: 3 },
  /** Bores, drills, shells and doubts: to a hundredth, or a tenth of a thou. */
  bore: { mm: 2, in: 4 },
  /** Limits of a class, as its tables print them. */
  limit: { mm: 3, in: 4 },
} as const satisfies Record<string, Record<UnitSystem, number>>;
