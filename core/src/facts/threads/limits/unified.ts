import { clamp, roundTo } from '../../../basis/numeric/index.ts';
import { inchToMm, mmToInch } from '../../../basis/units/index.ts';
import type { Thread } from '../Thread.ts';
import type { ExternalLimits, InternalLimits, LimitRule } from './ThreadLimits.ts';

/** Length of engagement that a series' pitch tolerance is made for: the diameter of UNC and UNF, 9 P of every other. */
function tolerancedEngagementInch(series: Thread['series'], majorInch: number, pitchInch: number): number {
  return series === 'UNC' || series === 'UNF' ? majorInch : 9 * pitchInch;
}

/**
 * Increments of ASME B1.1 in inches for classes 1A to 3A and 1B to 3B. t, the pitch tolerance of 2A, is
 * 0.0015·(D^⅓ + Le^½ + 10·P^⅔) to six decimals; 1A 1.5 t, 3A 0.75 t, 1B 1.95 t, 2B 1.3 t, 3B 0.975 t; allowance of 1A
 * and 2A 0.3 t; external major 0.06·P^⅔ (1A 0.09); internal minor of 1B and 2B 0.25 P − 0.4 P² from ¼ in up, below that
 * 0.05·P^⅔ + 0.03·P/D − 0.002 held within [0.25 P − 0.4 P², 0.394 P]; 3B that same expression held within
 * [0.23 P − 1.5 P² (13 tpi and finer) or 0.12 P (coarser), 0.394 P].
 */
export function unifiedIncrementsInch(majorInch: number, threadsPerInch: number, series: Thread['series'] = 'UNC') {
  const p = 1 / threadsPerInch;
  const p23 = Math.cbrt(p) ** 2;
  const engagement = tolerancedEngagementInch(series, majorInch, p);
  const t = roundTo(0.0015 * (Math.cbrt(majorInch) + Math.sqrt(engagement) + 10 * p23), 6);
  const floor = 0.25 * p - 0.4 * p * p;
  const small = 0.05 * p23 + (0.03 * p) / majorInch - 0.002;
  const floor3B = threadsPerInch >= 13 ? 0.23 * p - 1.5 * p * p : 0.12 * p;
  return {
    pitchExternal: { '1A': 1.5 * t, '2A': t, '3A': 0.75 * t },
    pitchInternal: { '1B': 1.95 * t, '2B': 1.3 * t, '3B': 0.975 * t },
    allowance: { '1A': 0.3 * t, '2A': 0.3 * t, '3A': 0 },
    majorExternal: { '1A': 0.09 * p23, '2A': 0.06 * p23, '3A': 0.06 * p23 },
    minor12B: majorInch >= 0.25 ? floor : clamp(small, floor, 0.394 * p),
    minor3B: clamp(small, floor3B, 0.394 * p),
  };
}

// The standard rounds the basic diameter and the tolerance to four decimals first and adds then: unrounded sums miss
// printed limits (4-40 pitch 0.0991, not 0.0990; 10-24 minor 0.156, not 0.155).
const four = (inch: number) => roundTo(inch, 4);

/** A custom 60° thread is a special of the unified system, whatever units it was measured in. */
function inInches(thread: Thread): { majorInch: number; threadsPerInch: number } {
  return {
    majorInch: thread.majorInch ?? mmToInch(thread.majorMm),
    threadsPerInch: thread.threadsPerInch ?? inchToMm(1) / thread.pitchMm,
  };
}

/** Under this size the standard prints the minors of 1B and 2B to four decimals. */
const NUMBER_SIX_INCH = 0.138;
/** Where the printed allowance differs from its formula by the standard's own rounding. */
const PRINTED_ALLOWANCE_INCH: Readonly<Record<string, number>> = { '5/8-11 1A': 0.0016, '5/8-11 2A': 0.0016 };

const sourceOf = (thread: Thread, tolerance: string) =>
  `ASME B1.1, ${tolerance}${thread.family === 'custom' ? ', formula for special threads' : ''}`;

function internalUnified(thread: Thread, tolerance: InternalLimits['tolerance']): InternalLimits {
  const { majorInch, threadsPerInch } = inInches(thread);
  const p = 1 / threadsPerInch;
  const increments = unifiedIncrementsInch(majorInch, threadsPerInch, thread.series);
  const pitchInch = four(majorInch - 0.64951905 * p);
  const minorInch = four(majorInch - 1.08253175 * p);
  // Class 3B is printed to four decimals, 1B and 2B to three; under #6 all of them to four.
  const decimals = tolerance === '3B' || majorInch < NUMBER_SIX_INCH ? 4 : 3;
  const minorWidth = four(tolerance === '3B' ? increments.minor3B : increments.minor12B);
  return {
    tolerance,
    majorMinMm: thread.majorMm,
    pitchMinMm: inchToMm(pitchInch),
    pitchMaxMm: inchToMm(four(pitchInch + four(increments.pitchInternal[tolerance as '2B']))),
    minorMinMm: inchToMm(roundTo(minorInch, decimals)),
    minorMaxMm: inchToMm(roundTo(minorInch + minorWidth, decimals)),
    source: sourceOf(thread, tolerance),
  };
}

function externalUnified(thread: Thread, tolerance: ExternalLimits['tolerance']): ExternalLimits {
  const { majorInch, threadsPerInch } = inInches(thread);
  const increments = unifiedIncrementsInch(majorInch, threadsPerInch, thread.series);
  const known = tolerance as '2A';
  const allowance = PRINTED_ALLOWANCE_INCH[`${thread.id} ${tolerance}`] ?? four(increments.allowance[known]);
  const majorMaxInch = four(majorInch - allowance);
  const pitchMaxInch = four(four(majorInch - 0.64951905 / threadsPerInch) - allowance);
  return {
    tolerance,
    majorMaxMm: inchToMm(majorMaxInch),
    majorMinMm: inchToMm(four(majorMaxInch - four(increments.majorExternal[known]))),
    pitchMaxMm: inchToMm(pitchMaxInch),
    pitchMinMm: inchToMm(four(pitchMaxInch - four(increments.pitchExternal[known]))),
    source: sourceOf(thread, tolerance),
  };
}

/** ASME B1.1 with its rounding. */
export const UNIFIED_INCH: LimitRule = {
  internal: ['2B', '1B', '3B'],
  external: ['2A', '1A', '3A'],
  internalLimits: internalUnified,
  externalLimits: externalUnified,
};
