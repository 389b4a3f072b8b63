import { InputError } from './InputError.ts';

// Guards are written so that NaN fails them: `!(x >= lo)` is true for NaN, `x < lo` is not.

/** Returns `value` if it is a finite number, else throws `not-finite`. */
export function finite(value: number, name: string): number {
  if (!Number.isFinite(value)) throw new InputError('not-finite', `${name} = ${value}`, ['a finite number']);
  return value;
}

/** Returns `value` if lo <= value <= hi, else throws `out-of-range` (NaN included). */
export function within(value: number, lo: number, hi: number, name: string): number {
  if (!(value >= lo && value <= hi)) throw new InputError('out-of-range', `${name} = ${value}`, [`${lo} to ${hi}`]);
  return value;
}

/** Returns `value` if it is finite and > 0, else throws `out-of-range`. */
export function positive(value: number, name: string): number {
  if (!(value > 0 && Number.isFinite(value)))
    throw new InputError('out-of-range', `${name} = ${value}`, ['more than 0']);
  return value;
}

/** Holds `value` inside [lo, hi]. Only for models that say so (shares of contact); never to hide bad input. */
export function clamp(value: number, lo: number, hi: number): number {
  finite(value, 'value to clamp');
  return Math.min(hi, Math.max(lo, value));
}
