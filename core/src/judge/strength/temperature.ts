import type { Say } from '../../basis/units/index.ts';
import type { ParentMaterial } from '../../facts/materials/index.ts';

/** What a parent is still worth at a service temperature. */
export interface HotParent {
  /** Share of its shear strength left. */
  factor: number;
  /** Whether a preload stays. */
  holdsPreload: boolean;
  /** The temperature from which that is so; null where it does not hang on one. */
  overC: number | null;
}

/** Temperatures from which a group loses strength or lets a preload creep away, °C, and the strength left. Our estimate. */
const LIMITS: Readonly<
  Partial<Record<ParentMaterial['group'], { overC: number; factor: number; holdsPreload: boolean }>>
> = {
  aluminium: { overC: 120, factor: 0.7, holdsPreload: true },
  magnesium: { overC: 120, factor: 0.7, holdsPreload: false },
  zinc: { overC: 50, factor: 0.7, holdsPreload: false },
};

/**
 * Parent at its service temperature (our estimate): aluminium castings derated above 120 °C, magnesium holds no preload above
 * 120 °C, zinc none above 50 °C, plastics never hold one. An unknown temperature is taken as ordinary.
 * @example parentAtTemperature(parentById('zinc-die-cast'), 80).holdsPreload // false
 */
export function parentAtTemperature(parent: ParentMaterial, serviceC: number | null): HotParent {
  if (parent.group === 'plastic') {
    return { factor: 1, holdsPreload: false, overC: null };
  }
  const limit = LIMITS[parent.group];
  if (!limit || serviceC === null || serviceC <= limit.overC) return { factor: 1, holdsPreload: true, overC: null };
  return { factor: limit.factor, holdsPreload: limit.holdsPreload, overC: limit.overC };
}

/** What heat does to a parent, in words. */
export function heatWords({ factor, holdsPreload, overC }: HotParent, parentName: string, say: Say): string {
  if (overC === null) return 'plastics creep: no preload stays in them';
  return `${parentName} above ${say.temperature(overC)}: ${Math.round(100 * factor)} % of its strength${holdsPreload ? '' : ', and no preload stays'} (estimate)`;
}
