import { inchToMm } from '../../basis/units/index.ts';

/** Lengths under the head in which screws are made, mm. Source: ISO 888, without its bracketed lengths. */
const METRIC_MM: readonly number[] = [
  ...[4, 5, 6, 8, 10, 12, 16, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 80, 90],
  ...[100, 110, 120, 130, 140, 150, 160, 180, 200],
];
const steps = (fromIn: number, toIn: number, byIn: number): number[] =>
  Array.from({ length: Math.round((toIn - fromIn) / byIn) + 1 }, (_, index) => inchToMm(fromIn + index * byIn));
/** By eighths to an inch, quarters to four, halves to eight (as ASME B18.2.1 and B18.3 list their usual lengths). */
const INCH_MM: readonly number[] = [...steps(0.25, 1, 0.125), ...steps(1.25, 4, 0.25), ...steps(4.5, 8, 0.5)];

/**
 * The shortest screw that is made between two lengths under its head, mm; null: none is, one is cut down or a washer laid under.
 * @example stockLengthMm(31.2, 38, 'metric') // 35
 */
export function stockLengthMm(leastMm: number, mostMm: number, system: 'metric' | 'inch'): number | null {
  return (system === 'metric' ? METRIC_MM : INCH_MM).find((mm) => mm >= leastMm - 1e-6 && mm <= mostMm + 1e-6) ?? null;
}
