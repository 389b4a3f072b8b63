/** Exact by definition (ISO 80000-3 note; the international inch). */
export const MM_PER_INCH = 25.4;

/** Inches to millimetres through the exact factor. @example inchToMm(0.3125) // 7.9375 */
export function inchToMm(inches: number): number {
  return inches * MM_PER_INCH;
}

/** Millimetres to inches through the exact factor. */
export function mmToInch(mm: number): number {
  return mm / MM_PER_INCH;
}
