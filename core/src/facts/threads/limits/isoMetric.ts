import { InputError, roundTo } from '../../../basis/numeric/index.ts';
import { threadGeometry } from '../geometry.ts';
import { BY_DIAMETER_UM, BY_PITCH_UM, type InternalGrade } from '../tables/isoTolerances.ts';
import type { Thread } from '../Thread.ts';
import type { ExternalLimits, InternalLimits, LimitRule } from './ThreadLimits.ts';

function isoRows(majorMm: number, pitchMm: number) {
  const byPitch = BY_PITCH_UM.find((row) => Math.abs(row.pitchMm - pitchMm) < 1e-9);
  const byDiameter = BY_DIAMETER_UM.find(
    (row) => majorMm > row.overMm && majorMm <= row.toMm && Math.abs(row.pitchMm - pitchMm) < 1e-9,
  );
  if (!byPitch || !byDiameter) {
    const possible = BY_DIAMETER_UM.filter((row) => majorMm > row.overMm && majorMm <= row.toMm);
    throw new InputError(
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
    throw new InputError('unknown-tolerance', `grade ${grade} at pitch ${pitchMm}`, ['4H', '5H', '6H']);
  }
  return { minor: minor / 1000, pitch: pitch / 1000 };
}

function internalMetric(thread: Thread, tolerance: InternalLimits['tolerance']): InternalLimits {
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

function externalMetric(thread: Thread, tolerance: ExternalLimits['tolerance']): ExternalLimits {
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

/** ISO 965-1 tables on ISO 724 diameters. */
export const ISO_METRIC: LimitRule = {
  internal: ['6H', '4H', '5H', '7H'],
  external: ['6g', '6h'],
  internalLimits: internalMetric,
  externalLimits: externalMetric,
};
