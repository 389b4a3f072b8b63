import { CoreError, clamp, roundTo } from '../../basis/numeric/index.ts';
import { inchToMm } from '../../basis/units/index.ts';
import { threadGeometry } from './geometry.ts';
import { BY_DIAMETER_UM, BY_PITCH_UM, type InternalGrade } from './tables/isoTolerances.ts';
import type { Thread } from './Thread.ts';

export type InternalClass = '4H' | '5H' | '6H' | '7H' | '1B' | '2B' | '3B';
export type ExternalClass = '6g' | '6h' | '1A' | '2A' | '3A';

export interface InternalLimits {
  tolerance: InternalClass;
  majorMinMm: number;
  pitchMinMm: number;
  pitchMaxMm: number;
  minorMinMm: number;
  minorMaxMm: number;
  source: string;
}

export interface ExternalLimits {
  tolerance: ExternalClass;
  majorMaxMm: number;
  majorMinMm: number;
  pitchMaxMm: number;
  pitchMinMm: number;
  source: string;
}

function isoRows(majorMm: number, pitchMm: number) {
  const byPitch = BY_PITCH_UM.find((row) => Math.abs(row.pitchMm - pitchMm) < 1e-9);
  const byDiameter = BY_DIAMETER_UM.find(
    (row) => majorMm > row.overMm && majorMm <= row.toMm && Math.abs(row.pitchMm - pitchMm) < 1e-9,
  );
  if (!byPitch || !byDiameter) {
    const possible = BY_DIAMETER_UM.filter((row) => majorMm > row.overMm && majorMm <= row.toMm);
    throw new CoreError(
      'unknown-tolerance',
      `diameter ${majorMm}, pitch ${pitchMm}`,
      possible.map((row) => row.pitchMm),
    );
  }
  return { byPitch, byDiameter };
}

/** Tolerances of an internal metric thread in mm, by grade (ISO 965-1). Throws `unknown-tolerance` where the standard has none. */
export function isoInternalTolerancesMm(
  majorMm: number,
  pitchMm: number,
  grade: InternalGrade,
): { minor: number; pitch: number } {
  const { byPitch, byDiameter } = isoRows(majorMm, pitchMm);
  const minor = byPitch.td1[grade];
  const pitch = byDiameter.td2Internal[grade];
  if (minor === null || pitch === null) {
    throw new CoreError('unknown-tolerance', `grade ${grade} at pitch ${pitchMm}`, ['4H', '5H', '6H']);
  }
  return { minor: minor / 1000, pitch: pitch / 1000 };
}

/** Length of engagement that a series' pitch tolerance is made for: the diameter, but 9 P for the extra-fine series. */
function tolerancedEngagementInch(series: Thread['series'], majorInch: number, pitchInch: number): number {
  return series === 'UNEF' ? 9 * pitchInch : majorInch;
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

function internalMetric(thread: Thread, tolerance: '4H' | '5H' | '6H' | '7H'): InternalLimits {
  const g = threadGeometry(thread);
  const width = isoInternalTolerancesMm(thread.majorMm, thread.pitchMm, Number(tolerance[0]) as InternalGrade);
  const pitchMinMm = roundTo(g.pitchDiameterMm, 3);
  const minorMinMm = roundTo(g.minorInternalMm, 3);
  return {
    tolerance,
    majorMinMm: thread.majorMm,
    pitchMinMm,
    pitchMaxMm: roundTo(pitchMinMm + width.pitch, 3),
    minorMinMm,
    minorMaxMm: roundTo(minorMinMm + width.minor, 3),
    source: `ISO 965-1, ${tolerance}`,
  };
}

function internalUnified(thread: Thread, tolerance: '1B' | '2B' | '3B'): InternalLimits {
  const majorInch = thread.majorInch!;
  const p = 1 / thread.threadsPerInch!;
  const increments = unifiedIncrementsInch(majorInch, thread.threadsPerInch!, thread.series);
  const pitchInch = four(majorInch - 0.64951905 * p);
  const minorInch = four(majorInch - 1.08253175 * p);
  // Class 3B is printed to four decimals, 1B and 2B to three.
  const decimals = tolerance === '3B' ? 4 : 3;
  const minorWidth = four(tolerance === '3B' ? increments.minor3B : increments.minor12B);
  return {
    tolerance,
    majorMinMm: thread.majorMm,
    pitchMinMm: inchToMm(pitchInch),
    pitchMaxMm: inchToMm(four(pitchInch + four(increments.pitchInternal[tolerance]))),
    minorMinMm: inchToMm(roundTo(minorInch, decimals)),
    minorMaxMm: inchToMm(roundTo(minorInch + minorWidth, decimals)),
    source: `ASME B1.1, ${tolerance}`,
  };
}

function wrongClass(thread: Thread, tolerance: string): CoreError {
  const possible =
    thread.family === 'metric' ? ['4H', '5H', '6H', '7H', '6g', '6h'] : ['1A', '2A', '3A', '1B', '2B', '3B'];
  return new CoreError('unknown-tolerance', `${tolerance} of ${thread.designation}`, possible);
}

// Threads are a fixed table and the limits are asked for many times in one proposal.
const INTERNAL_CACHE = new Map<string, InternalLimits>();
const EXTERNAL_CACHE = new Map<string, ExternalLimits>();

function cached<T>(cache: Map<string, T>, key: string, make: () => T): T {
  const known = cache.get(key);
  if (known !== undefined) return known;
  const made = make();
  cache.set(key, made);
  return made;
}

/**
 * Limits of the internal thread: ISO 965-1 tables on ISO 724 diameters (4H to 7H) or ASME B1.1 (1B to 3B) with its
 * rounding. Default the usual class, 6H or 2B. Throws `unknown-tolerance` for a class of the other system.
 * @example internalLimits(threadById('M8x1.25')).minorMaxMm // 6.912
 */
export function internalLimits(thread: Thread, tolerance?: InternalClass): InternalLimits {
  const chosen = tolerance ?? (thread.family === 'metric' ? '6H' : '2B');
  return cached(INTERNAL_CACHE, `${thread.id} ${chosen}`, () => {
    if (thread.family === 'metric' && chosen.endsWith('H')) return internalMetric(thread, chosen as '6H');
    if (thread.family === 'unified' && chosen.endsWith('B')) return internalUnified(thread, chosen as '2B');
    throw wrongClass(thread, chosen);
  });
}

function externalMetric(thread: Thread, tolerance: '6g' | '6h'): ExternalLimits {
  const { byPitch, byDiameter } = isoRows(thread.majorMm, thread.pitchMm);
  const es = tolerance === '6g' ? byPitch.esG / 1000 : 0;
  const pitchMaxMm = roundTo(roundTo(threadGeometry(thread).pitchDiameterMm, 3) - es, 3);
  return {
    tolerance,
    majorMaxMm: roundTo(thread.majorMm - es, 3),
    majorMinMm: roundTo(thread.majorMm - es - byPitch.tdGrade6 / 1000, 3),
    pitchMaxMm,
    pitchMinMm: roundTo(pitchMaxMm - byDiameter.td2ExternalGrade6 / 1000, 3),
    source: `ISO 965-1, ${tolerance}`,
  };
}

function externalUnified(thread: Thread, tolerance: '1A' | '2A' | '3A'): ExternalLimits {
  const majorInch = thread.majorInch!;
  const increments = unifiedIncrementsInch(majorInch, thread.threadsPerInch!, thread.series);
  const allowance = four(increments.allowance[tolerance]);
  const majorMaxInch = four(majorInch - allowance);
  const pitchMaxInch = four(four(majorInch - 0.64951905 / thread.threadsPerInch!) - allowance);
  return {
    tolerance,
    majorMaxMm: inchToMm(majorMaxInch),
    majorMinMm: inchToMm(four(majorMaxInch - four(increments.majorExternal[tolerance]))),
    pitchMaxMm: inchToMm(pitchMaxInch),
    pitchMinMm: inchToMm(four(pitchMaxInch - four(increments.pitchExternal[tolerance]))),
    source: `ASME B1.1, ${tolerance}`,
  };
}

/**
 * Limits of the fastener's thread: ISO 965-1 (6g, 6h) or ASME B1.1 (1A to 3A). Default the usual class, 6g or 2A.
 * @example externalLimits(threadById('M8x1.25')).pitchMinMm // 7.042
 */
export function externalLimits(thread: Thread, tolerance?: ExternalClass): ExternalLimits {
  const chosen = tolerance ?? (thread.family === 'metric' ? '6g' : '2A');
  return cached(EXTERNAL_CACHE, `${thread.id} ${chosen}`, () => {
    if (thread.family === 'metric' && chosen.startsWith('6')) return externalMetric(thread, chosen as '6g');
    if (thread.family === 'unified' && chosen.endsWith('A')) return externalUnified(thread, chosen as '2A');
    throw wrongClass(thread, chosen);
  });
}
