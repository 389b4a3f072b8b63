import { roundTo } from '../../../basis/numeric/index.ts';
import { inchToMm, mmToInch } from '../../../basis/units/index.ts';
import { threadGeometry } from '../geometry.ts';
import type { LimitRule } from './ThreadLimits.ts';

/** Widths of the medium class of BS 84, by formula: what is taken where a thread's own standard is not at hand. */
const pitchWidthInch = (majorInch: number, pitchInch: number) =>
  0.002 * Math.cbrt(majorInch) + 0.003 * Math.sqrt(majorInch) + 0.005 * Math.sqrt(pitchInch);
/** Share of the pitch by which a bore may be over its basic minor (our estimate, near the minor tolerances of BS 84). */
const MINOR_SHARE = 0.25;

const SOURCE = 'basic diameters by its form, widths near BS 84 medium: our estimate, no printed table at hand';

/** Threads whose standard prints limits that are not held here: their form's diameters, and usual widths. */
export const BY_FORM_RULE: LimitRule = {
  internal: ['medium'],
  external: ['medium'],
  internalLimits: (thread, tolerance) => {
    const { pitchDiameterMm, minorInternalMm } = threadGeometry(thread);
    const width = inchToMm(pitchWidthInch(mmToInch(thread.majorMm), mmToInch(thread.pitchMm)));
    return {
      tolerance,
      majorMinMm: thread.majorMm,
      pitchMinMm: roundTo(pitchDiameterMm, 3),
      pitchMaxMm: roundTo(pitchDiameterMm + width, 3),
      minorMinMm: roundTo(minorInternalMm, 3),
      minorMaxMm: roundTo(minorInternalMm + MINOR_SHARE * thread.pitchMm, 3),
      source: SOURCE,
    };
  },
  externalLimits: (thread, tolerance) => {
    const { pitchDiameterMm } = threadGeometry(thread);
    const width = inchToMm(pitchWidthInch(mmToInch(thread.majorMm), mmToInch(thread.pitchMm)));
    return {
      tolerance,
      majorMaxMm: thread.majorMm,
      majorMinMm: roundTo(thread.majorMm - 2 * width, 3),
      pitchMaxMm: roundTo(pitchDiameterMm, 3),
      pitchMinMm: roundTo(pitchDiameterMm - width, 3),
      source: SOURCE,
    };
  },
};
