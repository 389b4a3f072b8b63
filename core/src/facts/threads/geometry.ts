import type { Working } from '../../basis/checks/index.ts';
import { mmToInch } from '../../basis/units/index.ts';
import type { Thread } from './Thread.ts';

/** 60° form: height of the sharp V over the pitch, √3/2. */
const H_PER_PITCH = Math.sqrt(3) / 2;

/** Basic diameters of a thread, unrounded. */
export interface ThreadGeometry {
  majorMm: number;
  /** Basic pitch (effective) diameter, D2 = d2. */
  pitchDiameterMm: number;
  /** Basic internal minor diameter, D1. */
  minorInternalMm: number;
  /** External root diameter of the ISO rounded root, d3. */
  rootExternalMm: number;
  tensileAreaMm2: number;
}

/**
 * Basic geometry of a 60° thread (ISO 68-1, ISO 724; ASME B1.1). D2 = D − 0.649519 P, D1 = D − 1.082532 P,
 * d3 = d − 1.226869 P (rounded root of ISO 68-1, not the flat root of an old drawing).
 * Tensile area: metric by ISO 898-1, π/4·((d2 + d3)/2)²; inch by ASME B1.1, π/4·(D − 0.9743/n)².
 * @example threadGeometry(threadById('M8x1.25')).minorInternalMm // 6.646835
 */
export function threadGeometry(thread: Thread): ThreadGeometry {
  const { majorMm, pitchMm } = thread;
  const h = H_PER_PITCH * pitchMm;
  const pitchDiameterMm = majorMm - 0.75 * h;
  const rootExternalMm = majorMm - (17 / 12) * h;
  const stressDiameterMm =
    thread.threadsPerInch === null ? (pitchDiameterMm + rootExternalMm) / 2 : majorMm - 0.9743 * pitchMm;
  return {
    majorMm,
    pitchDiameterMm,
    minorInternalMm: majorMm - 1.25 * h,
    rootExternalMm,
    tensileAreaMm2: (Math.PI / 4) * stressDiameterMm ** 2,
  };
}

/** Working of the tensile area. */
export function tensileAreaWorking(thread: Thread): Working {
  const g = threadGeometry(thread);
  const metric = thread.threadsPerInch === null;
  return {
    title: `Tensile area of ${thread.designation}`,
    formula: metric ? 'As = π/4 · ((d2 + d3) / 2)²' : 'As = π/4 · (D − 0.9743 / n)²',
    symbols: metric
      ? [
          { symbol: 'd2', meaning: 'pitch diameter', value: g.pitchDiameterMm, unit: 'mm' },
          { symbol: 'd3', meaning: 'root diameter', value: g.rootExternalMm, unit: 'mm' },
        ]
      : [
          { symbol: 'D', meaning: 'major diameter', value: mmToInch(thread.majorMm), unit: 'in' },
          { symbol: 'n', meaning: 'threads per inch', value: thread.threadsPerInch!, unit: '' },
        ],
    result: { symbol: 'As', value: g.tensileAreaMm2, unit: 'mm²' },
    source: metric ? 'ISO 898-1' : 'ASME B1.1',
  };
}
