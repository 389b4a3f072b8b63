import type { Working } from '../../basis/checks/index.ts';
import { keep } from '../../basis/keep/index.ts';
import { inchToMm, mmToInch } from '../../basis/units/index.ts';
import { THREAD_FORMS } from './forms.ts';
import { PRINTED_STRESS_AREA_INCH2 } from './tables/stressAreas.ts';
import type { Thread } from './Thread.ts';

/** Basic diameters of a thread, unrounded; of a taper pipe thread at its gauge plane. */
export interface ThreadGeometry {
  majorMm: number;
  /** Basic major of the internal thread: larger than the screw's only in Acme and trapezoidal threads. */
  majorInternalMm: number;
  /** Basic pitch (effective) diameter, D2 = d2. */
  pitchDiameterMm: number;
  /** Basic internal minor diameter, D1. */
  minorInternalMm: number;
  /** External root diameter, d3 (ISO 60°: of the rounded root). */
  rootExternalMm: number;
  tensileAreaMm2: number;
  /** Advance in one turn: pitch × starts. */
  leadMm: number;
  /** Helix (lead) angle at the pitch diameter. */
  helixAngleDeg: number;
}

/**
 * Clearance on diameter at the crests of a power thread: Acme 0.020 in up to 10 threads per inch, 0.010 in finer
 * (ASME B1.5); trapezoidal 2·ac with ac 0.15, 0.25, 0.5 or 1 mm by pitch (ISO 2904); none in other forms.
 * @example crestClearanceMm({ form: 'trapezoidal-30', pitchMm: 7 }) // 1
 */
export function crestClearanceMm({ form, pitchMm }: Pick<Thread, 'form' | 'pitchMm'>): number {
  if (form === 'acme-29') return inchToMm(pitchMm >= inchToMm(0.1) - 1e-9 ? 0.02 : 0.01);
  if (form === 'trapezoidal-30') return 2 * (pitchMm <= 1.5 ? 0.15 : pitchMm <= 5 ? 0.25 : pitchMm <= 12 ? 0.5 : 1);
  return 0;
}

/** Metric by ISO 898-1 and every form without a rule of its own: the mean of pitch and root diameter. Inch 60°: ASME B1.1. */
const usesInchStress = (thread: Thread) => thread.form === 'iso-60' && thread.threadsPerInch !== null;

/**
 * Basic geometry by the thread's form (ISO 724, ASME B1.1, BS 84, BS 93, ISO 228-1, ISO 2904, ASME B1.5). d3 of ISO 60° is
 * the rounded root of ISO 68-1, not the flat root of an old drawing. Tensile area: π/4·((d2 + d3)/2)²; inch 60° threads
 * π/4·(D − 0.9743/n)², but the printed value where the standard's table differs by its rounding.
 * @example threadGeometry(threadById('M8x1.25')).minorInternalMm // 6.646835
 * @example threadGeometry(threadById('M8x1.25')).helixAngleDeg // 3.17
 */
export const threadGeometry = keep((thread: Thread): ThreadGeometry => {
  const { majorMm, pitchMm, starts } = thread;
  const form = THREAD_FORMS[thread.form];
  const clearanceMm = crestClearanceMm(thread);
  const pitchDiameterMm = majorMm - form.pitchDropPerPitch * pitchMm;
  const rootExternalMm = majorMm - form.rootDropPerPitch * pitchMm - clearanceMm;
  const stressDiameterMm = usesInchStress(thread) ? majorMm - 0.9743 * pitchMm : (pitchDiameterMm + rootExternalMm) / 2;
  const leadMm = pitchMm * starts;
  return {
    majorMm,
    majorInternalMm: majorMm + clearanceMm,
    pitchDiameterMm,
    minorInternalMm: majorMm - form.minorDropPerPitch * pitchMm,
    rootExternalMm,
    tensileAreaMm2: printedAreaMm2(thread) ?? (Math.PI / 4) * stressDiameterMm ** 2,
    leadMm,
    helixAngleDeg: (Math.atan(leadMm / (Math.PI * pitchDiameterMm)) * 180) / Math.PI,
  };
});

const printedAreaMm2 = (thread: Thread): number | null => {
  const printed = PRINTED_STRESS_AREA_INCH2[thread.id.replace(/ LH$/, '')];
  return printed === undefined ? null : printed * MM2_PER_INCH2;
};
const MM2_PER_INCH2 = inchToMm(1) ** 2;

/** Working of the tensile area. */
export function tensileAreaWorking(thread: Thread): Working {
  const g = threadGeometry(thread);
  const inch = usesInchStress(thread);
  return {
    title: `Tensile area of ${thread.designation}`,
    formula: inch ? 'As = π/4 · (D − 0.9743 / n)²' : 'As = π/4 · ((d2 + d3) / 2)²',
    symbols: inch
      ? [
          { symbol: 'D', meaning: 'major diameter', value: mmToInch(thread.majorMm), unit: 'in' },
          { symbol: 'n', meaning: 'threads per inch', value: thread.threadsPerInch!, unit: '' },
        ]
      : [
          { symbol: 'd2', meaning: 'pitch diameter', value: g.pitchDiameterMm, unit: 'mm' },
          { symbol: 'd3', meaning: 'root diameter', value: g.rootExternalMm, unit: 'mm' },
        ],
    result: { symbol: 'As', value: g.tensileAreaMm2, unit: 'mm²' },
    ...(printedAreaMm2(thread) === null
      ? {}
      : { notes: ['The printed table differs from the formula by its rounding; the table is used.'] }),
    source: inch ? 'ASME B1.1' : thread.family === 'metric' ? 'ISO 898-1' : 'mean of pitch and root diameter',
  };
}
