import { roundTo } from '../numeric/index.ts';
import { mmToInch } from './inch.ts';

export type UnitSystem = 'mm' | 'in';

/** Drops trailing zeros but never the last figure before the point. */
function trimmed(value: number, decimals: number): string {
  const fixed = roundTo(value, decimals).toFixed(decimals);
  return decimals === 0 ? fixed : fixed.replace(/\.?0+$/, '');
}

/**
 * A length without its unit: millimetres to 0.1 by default, inches to 0.001.
 * @example formatLength(17.3375, 'mm') // '17.3'
 * @example formatLength(7.9375, 'in') // '0.313'
 */
export function formatLength(mm: number, system: UnitSystem, decimals?: number): string {
  return system === 'mm'
    ? roundTo(mm, decimals ?? 1).toFixed(decimals ?? 1)
    : roundTo(mmToInch(mm), decimals ?? 3).toFixed(decimals ?? 3);
}

/**
 * A length with its unit, trailing zeros dropped: for sentences and for parsing back.
 * @example formatLengthWithUnit(8.5, 'mm') // '8.5 mm'
 */
export function formatLengthWithUnit(mm: number, system: UnitSystem, decimals?: number): string {
  return system === 'mm' ? `${trimmed(mm, decimals ?? 2)} mm` : `${trimmed(mmToInch(mm), decimals ?? 4)} in`;
}
