/**
 * Rounds half away from zero to a number of decimals, after removing binary noise below 1e-9:
 * 0.145 is stored as 0.14499999…, and a printed table says 0.15.
 * @example roundTo(0.145, 2) // 0.15
 */
export function roundTo(value: number, decimals: number): number {
  const factor = 10 ** decimals;
  const scaled = value * factor;
  return (Math.sign(scaled) * Math.floor(Math.abs(scaled) + 0.5 + 1e-9)) / factor;
}
