import type { ParentMaterial } from '../../facts/materials/index.ts';

/** What a parent is still worth at a service temperature. */
export interface HotParent {
  /** Share of its shear strength left. */
  factor: number;
  /** Whether a preload stays. */
  holdsPreload: boolean;
  because: string;
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
    return { factor: 1, holdsPreload: false, because: 'plastics creep: no preload stays in them' };
  }
  const limit = LIMITS[parent.group];
  if (!limit || serviceC === null || serviceC <= limit.overC) return { factor: 1, holdsPreload: true, because: '' };
  return {
    factor: limit.factor,
    holdsPreload: limit.holdsPreload,
    because: `${parent.name} above ${limit.overC} °C: ${Math.round(100 * limit.factor)} % of its strength${limit.holdsPreload ? '' : ', and no preload stays'} (estimate)`,
  };
}
