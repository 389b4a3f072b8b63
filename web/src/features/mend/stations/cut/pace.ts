import type { FrozenPlan, UnitSystem } from '@deep-mend/core';

/** Checks whose *with care* asks for a slower hand: last metal, a floor, a tap near its strength, the last rung. */
const SLOWS: readonly string[] = [
  'wall',
  'wet-wall',
  'floor',
  'floor-inside',
  'tapping',
  'clean-up',
  'brittle',
  'behind',
  'drill',
];

/** What of a plan stands near a limit, in words: said before the step that cannot be taken back. */
export const paceOf = (plan: FrozenPlan, units: UnitSystem): string[] =>
  plan.said[units].checks
    .filter(({ id, verdict }) => verdict === 'with-care' && SLOWS.includes(id))
    .map(({ title, because }) => `${title.charAt(0).toLowerCase()}${title.slice(1)}, ${because}`);
