import { clamp, finite } from '../../basis/numeric/index.ts';

/** Below this ratio of boss to thread the dilation model has no value: the hole does not hold. In full from 1.9 (docs/methods.md, Strength). */
export const DILATION_LOWEST_RATIO = 1.4;
const DILATION_FULL_RATIO = 1.9;

/**
 * Dilation factor C1 (VDI 2230 with Alexander's factors), by s/D: s is twice the least distance from the axis to a free
 * edge, D the major diameter of the thread cut in the parent. `null` below 1.4, outside the model.
 * @example dilationFactor(1.425) // 0.774
 */
export function dilationFactor(ratio: number): number | null {
  finite(ratio, 's/D');
  if (ratio >= DILATION_FULL_RATIO) return 1;
  if (!(ratio >= DILATION_LOWEST_RATIO)) return null;
  return -(ratio ** 2) + 3.8 * ratio - 2.61;
}

/**
 * Bending factor of the parent thread C3, by Rs = (τp·Ap)/(τf·Af): 1 below 0.4 (soft castings), 0.897 from 1 up, the
 * cubic between, never above 1.
 */
export function parentBendingFactor(rs: number): number {
  finite(rs, 'Rs');
  if (rs <= 0.4) return 1;
  if (rs >= 1) return 0.897;
  return Math.min(1, 0.728 + 1.769 * rs - 2.896 * rs ** 2 + 1.296 * rs ** 3);
}

/** Bending factor of the fastener's thread C2: 0.897 up to Rs = 1, the quartic to 2.2, its end value beyond. */
export function fastenerBendingFactor(rs: number): number {
  finite(rs, 'Rs');
  if (rs <= 1) return 0.897;
  const r = Math.min(rs, 2.2);
  return 5.594 - 13.682 * r + 14.107 * r ** 2 - 6.057 * r ** 3 + 0.9353 * r ** 4;
}

/**
 * Share of the strip load that a bore larger than its class allows still carries (our estimate):
 * q = (share − 0.20)/0.40, held within 0 and 1.
 * @example overlapFactor(0.5) // 0.75
 */
export function overlapFactor(share: number): number {
  return clamp((share - 0.2) / 0.4, 0, 1);
}
