import { roundTo } from '../../../basis/numeric/index.ts';
import { inchToMm, mmToInch } from '../../../basis/units/index.ts';
import { threadGeometry } from '../geometry.ts';
import { TRAPEZOIDAL_BY_PITCH_UM } from '../tables/power.ts';
import type { Thread } from '../Thread.ts';
import type { ExternalLimits, InternalLimits, LimitRule } from './ThreadLimits.ts';

const four = (inches: number) => roundTo(inches, 4);

/** ASME B1.5 general purpose, inches: pitch tolerance of 2G 0.006·√D + 0.03·√P, allowance 0.008·√D, crests 0.05 P, at least 0.005. */
function acmeInch(thread: Thread) {
  const majorInch = mmToInch(thread.majorMm);
  const pitchInch = mmToInch(thread.pitchMm);
  return {
    majorInch,
    effectiveInch: four(majorInch - pitchInch / 2),
    minorInch: four(majorInch - pitchInch),
    pitchTolerance: four(0.006 * Math.sqrt(majorInch) + 0.03 * Math.sqrt(pitchInch)),
    allowance: four(0.008 * Math.sqrt(majorInch)),
    crest: four(Math.max(0.05 * pitchInch, 0.005)),
  };
}

function acmeInternal(thread: Thread): InternalLimits {
  const a = acmeInch(thread);
  return {
    tolerance: '2G',
    majorMinMm: threadGeometry(thread).majorInternalMm,
    pitchMinMm: inchToMm(a.effectiveInch),
    pitchMaxMm: inchToMm(four(a.effectiveInch + a.pitchTolerance)),
    minorMinMm: inchToMm(a.minorInch),
    minorMaxMm: inchToMm(four(a.minorInch + a.crest)),
    source:
      thread.form === 'square' ? 'as ASME B1.5, class 2G (estimate: square has no standard)' : 'ASME B1.5, class 2G',
  };
}

function acmeExternal(thread: Thread): ExternalLimits {
  const a = acmeInch(thread);
  const pitchMaxInch = four(a.effectiveInch - a.allowance);
  return {
    tolerance: '2G',
    majorMaxMm: thread.majorMm,
    majorMinMm: inchToMm(four(a.majorInch - a.crest)),
    pitchMaxMm: inchToMm(pitchMaxInch),
    pitchMinMm: inchToMm(four(pitchMaxInch - a.pitchTolerance)),
    source: 'ASME B1.5, class 2G',
  };
}

/** ASME B1.5, class 2G. */
export const ACME_RULE: LimitRule = {
  internal: ['2G'],
  external: ['2G'],
  internalLimits: acmeInternal,
  externalLimits: acmeExternal,
};

/** Tolerance row of a pitch; a pitch between two rows takes the next larger, so that nothing is called in that is out. */
function crestRow(pitchMm: number) {
  return (
    TRAPEZOIDAL_BY_PITCH_UM.find((row) => row.pitchMm >= pitchMm - 1e-9) ??
    TRAPEZOIDAL_BY_PITCH_UM[TRAPEZOIDAL_BY_PITCH_UM.length - 1]!
  );
}

/** Pitch tolerances widen with the number of starts (ISO 2904). */
const STARTS_FACTOR: Readonly<Record<number, number>> = { 1: 1, 2: 1.12, 3: 1.25, 4: 1.4 };
const MANY_STARTS_FACTOR = 1.6;

/** Diameter steps of ISO 2903; a tolerance is made for the geometric mean of its step. */
const DIAMETER_STEPS_MM = [5.6, 11.2, 22.4, 45, 90, 180, 355] as const;

/** Td2 of grade 6 in mm, 90·P^0.4·d^0.1 µm, which grade 7 multiplies by 1.25 outside and 1.7 inside (unrounded). */
function pitchToleranceMm(thread: Thread): number {
  const upper = DIAMETER_STEPS_MM.findIndex((step) => thread.majorMm <= step);
  const [lo, hi] = upper <= 0 ? [2.8, 5.6] : [DIAMETER_STEPS_MM[upper - 1]!, DIAMETER_STEPS_MM[upper]!];
  const factor = STARTS_FACTOR[thread.starts] ?? MANY_STARTS_FACTOR;
  return (90 * thread.pitchMm ** 0.4 * Math.sqrt(lo * hi) ** 0.1 * factor) / 1000;
}

const TRAPEZOIDAL_SOURCE = 'ISO 2903 (crests by table, pitch diameter by formula)';

function trapezoidalInternal(thread: Thread): InternalLimits {
  const g = threadGeometry(thread);
  return {
    tolerance: '7H',
    majorMinMm: g.majorInternalMm,
    pitchMinMm: g.pitchDiameterMm,
    pitchMaxMm: roundTo(g.pitchDiameterMm + 1.7 * pitchToleranceMm(thread), 3),
    minorMinMm: g.minorInternalMm,
    minorMaxMm: roundTo(g.minorInternalMm + crestRow(thread.pitchMm).td1 / 1000, 3),
    source: `${TRAPEZOIDAL_SOURCE}, 7H`,
  };
}

function trapezoidalExternal(thread: Thread): ExternalLimits {
  const pitchMaxMm = roundTo(threadGeometry(thread).pitchDiameterMm - (95 + 11 * thread.pitchMm) / 1000, 3);
  return {
    tolerance: '7e',
    majorMaxMm: thread.majorMm,
    majorMinMm: roundTo(thread.majorMm - crestRow(thread.pitchMm).td / 1000, 3),
    pitchMaxMm,
    pitchMinMm: roundTo(pitchMaxMm - 1.25 * pitchToleranceMm(thread), 3),
    source: `${TRAPEZOIDAL_SOURCE}, 7e`,
  };
}

/** ISO 2903, 7H and 7e. */
export const TRAPEZOIDAL_RULE: LimitRule = {
  internal: ['7H'],
  external: ['7e'],
  internalLimits: trapezoidalInternal,
  externalLimits: trapezoidalExternal,
};
