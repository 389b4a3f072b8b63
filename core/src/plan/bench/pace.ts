import type { UnitSystem } from '../../basis/units/index.ts';
import type { FrozenPlan } from '../freeze/index.ts';
import type { Check } from '../routes/index.ts';

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
] satisfies Check['kind'][];

/**
 * What of a plan stands near a limit, in words: said before the step that cannot be taken back.
 * @example nearLimits({ checks: [], said: { mm: { checks: [] } } }, 'mm') // []
 */
export function nearLimits({ checks, said }: Pick<FrozenPlan, 'checks' | 'said'>, units: UnitSystem): string[] {
  const slows = new Set(checks.filter(({ kind }) => SLOWS.includes(kind)).map(({ id }) => id));
  return said[units].checks
    .filter(({ id, verdict }) => verdict === 'with-care' && slows.has(id))
    .map(({ title, because }) => `${title.charAt(0).toLowerCase()}${title.slice(1)}, ${because}`);
}
