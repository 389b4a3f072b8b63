import { within } from '../../basis/numeric/index.ts';

/** A chemical at 20 °C takes about three times as long at 5 °C, and so on by the degree (typical; its sheet wins). */
const TIMES_PER_STEP = 3;
const STEP_K = 15;
const AT_C = 20;
/** A cold shop, °C, as cards name one. */
export const COLD_SHOP_C = 5;
/** Below this nothing cures; above it the sheet's own figure holds no longer. */
const RANGE_C = { least: 0, most: 40 } as const;

/**
 * How long something cures in a shop of this temperature, minutes. A cold shop is slower; a warm one is counted as 20 °C.
 * @example cureMinutes(30, 5) // 90
 * @example cureMinutes(30, 30) // 30
 */
export function cureMinutes(minutesAt20: number, shopC: number): number {
  const cold = Math.max(0, AT_C - within(shopC, RANGE_C.least, RANGE_C.most, 'temperature of the shop'));
  return minutesAt20 * TIMES_PER_STEP ** (cold / STEP_K);
}
