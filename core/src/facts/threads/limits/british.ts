import { roundTo } from '../../../basis/numeric/index.ts';
import { inchToMm, mmToInch } from '../../../basis/units/index.ts';
import type { Thread } from '../Thread.ts';
import type { ExternalClass, ExternalLimits, InternalClass, InternalLimits, LimitRule } from './ThreadLimits.ts';

const four = (inches: number) => roundTo(inches, 4);

/** BS 84 basic diameters in inches. The depth is rounded first and subtracted then: 1/4-20 gives .2180 and .1860. */
function whitworthBasicInch(thread: Thread) {
  const majorInch = mmToInch(thread.majorMm);
  const pitchInch = mmToInch(thread.pitchMm);
  const depthInch = four(0.640327 * pitchInch);
  return {
    majorInch,
    pitchInch,
    effectiveInch: four(majorInch - depthInch),
    minorInch: four(majorInch - 2 * depthInch),
  };
}

/** T of BS 84, the effective-diameter tolerance of the medium class: 0.002·D^⅓ + 0.003·L^½ + 0.005·P^½ in, L = D. */
const whitworthToleranceInch = (majorInch: number, pitchInch: number) =>
  0.002 * Math.cbrt(majorInch) + 0.003 * Math.sqrt(majorInch) + 0.005 * Math.sqrt(pitchInch);

/** Minor tolerance of a Whitworth nut, inches: 0.2 P + 0.007 to 20 threads per inch, + 0.005 for 22 and 24, + 0.004 finer. */
function whitworthMinorToleranceInch(pitchInch: number): number {
  const threadsPerInch = 1 / pitchInch;
  return 0.2 * pitchInch + (threadsPerInch < 20.5 ? 0.007 : threadsPerInch < 25 ? 0.005 : 0.004);
}

function whitworthInternal(thread: Thread, tolerance: InternalClass): InternalLimits {
  const { majorInch, pitchInch, effectiveInch, minorInch } = whitworthBasicInch(thread);
  const widthInch = (tolerance === 'normal' ? 1.5 : 1) * whitworthToleranceInch(majorInch, pitchInch);
  return {
    tolerance,
    majorMinMm: thread.majorMm,
    pitchMinMm: inchToMm(effectiveInch),
    pitchMaxMm: inchToMm(four(effectiveInch + widthInch)),
    minorMinMm: inchToMm(minorInch),
    minorMaxMm: inchToMm(four(minorInch + whitworthMinorToleranceInch(pitchInch))),
    source: `BS 84, ${tolerance} class`,
  };
}

// The allowance before plating that the standard gives small bolts is left out: a bolt in the hand is already plated or bare.
function whitworthExternal(thread: Thread, tolerance: ExternalClass): ExternalLimits {
  const { majorInch, pitchInch, effectiveInch } = whitworthBasicInch(thread);
  const width =
    whitworthToleranceInch(majorInch, pitchInch) * { close: 2 / 3, medium: 1, free: 1.5 }[tolerance as 'medium'];
  return {
    tolerance,
    majorMaxMm: thread.majorMm,
    majorMinMm: inchToMm(four(majorInch - width - 0.01 * Math.sqrt(pitchInch))),
    pitchMaxMm: inchToMm(effectiveInch),
    pitchMinMm: inchToMm(four(effectiveInch - width)),
    source: `BS 84, ${tolerance} class`,
  };
}

/** BS 84 by its formulas. */
export const WHITWORTH_RULE: LimitRule = {
  internal: ['medium', 'normal'],
  external: ['medium', 'close', 'free'],
  internalLimits: whitworthInternal,
  externalLimits: whitworthExternal,
};

/** BS 93 rounds the depth of thread, 0.6 P, to 0.005 mm: 2 BA is 0.485, so 4.215 and 3.73. */
const baDepthMm = (thread: Thread) => Math.round((0.6 * thread.pitchMm) / 0.005) * 0.005;

function baInternal(thread: Thread, tolerance: InternalClass): InternalLimits {
  const depthMm = baDepthMm(thread);
  const pitchMinMm = roundTo(thread.majorMm - depthMm, 3);
  const minorMinMm = roundTo(thread.majorMm - 2 * depthMm, 3);
  return {
    tolerance,
    majorMinMm: thread.majorMm,
    pitchMinMm,
    pitchMaxMm: roundTo(pitchMinMm + 0.12 * thread.pitchMm + 0.03, 3),
    minorMinMm,
    minorMaxMm: roundTo(minorMinMm + 0.375 * thread.pitchMm, 3),
    source: 'BS 93, normal class, by formula',
  };
}

function baExternal(thread: Thread, tolerance: ExternalClass): ExternalLimits {
  const close = tolerance === 'close';
  const allowanceMm = close ? 0 : 0.025;
  const pitchMaxMm = roundTo(thread.majorMm - baDepthMm(thread) - allowanceMm, 3);
  const majorMaxMm = roundTo(thread.majorMm - allowanceMm, 3);
  const pitchWidthMm = close ? 0.08 * thread.pitchMm + 0.02 : 0.1 * thread.pitchMm + 0.025;
  return {
    tolerance,
    majorMaxMm,
    majorMinMm: roundTo(majorMaxMm - (close ? 0.15 : 0.2) * thread.pitchMm, 3),
    pitchMaxMm,
    pitchMinMm: roundTo(pitchMaxMm - pitchWidthMm, 3),
    source: `BS 93, ${close ? 'close' : 'normal'} class, by formula`,
  };
}

/** BS 93 by its formulas; the standard's normal class of bolt is called medium here, as in BS 84. */
export const BA_RULE: LimitRule = {
  internal: ['normal'],
  external: ['medium', 'close'],
  internalLimits: baInternal,
  externalLimits: baExternal,
};
