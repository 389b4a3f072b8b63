import type { Working } from '../../basis/checks/index.ts';
import { positive } from '../../basis/numeric/index.ts';
import type { FastenerClassRow } from '../../facts/materials/index.ts';
import { threadGeometry, type Thread } from '../../facts/threads/index.ts';

/**
 * Load that breaks the screw: tensile area × tensile strength (the class's minimum; a real screw may be 20 % above).
 * @example breakLoadN(threadById('M8x1.25'), fastenerClass('8.8', 8)) // 29287
 */
export function breakLoadN(thread: Thread, fastener: FastenerClassRow): number {
  return threadGeometry(thread).tensileAreaMm2 * fastener.tensileMpa;
}

/** Load that the screw holds without stretching: tensile area × proof strength. */
export function proofLoadN(thread: Thread, fastener: FastenerClassRow): number {
  return threadGeometry(thread).tensileAreaMm2 * fastener.proofMpa;
}

/** Numbers that a break load follows from. */
export type BreakFacts = {
  designation: string;
  className: string;
  tensileAreaMm2: number;
  tensileMpa: number;
  source: string;
};

export const breakFacts = (thread: Thread, fastener: FastenerClassRow): BreakFacts => ({
  designation: thread.designation,
  className: fastener.name,
  tensileAreaMm2: threadGeometry(thread).tensileAreaMm2,
  tensileMpa: fastener.tensileMpa,
  source: fastener.source,
});

/** Working of the break load. */
export function breakLoadWorking({ designation, className, tensileAreaMm2, tensileMpa, source }: BreakFacts): Working {
  return {
    title: `Load that breaks the screw, ${designation} ${className}`,
    formula: 'F = As · Rm',
    symbols: [
      { symbol: 'As', meaning: 'tensile area', value: tensileAreaMm2, unit: 'mm²' },
      { symbol: 'Rm', meaning: 'least tensile strength of the class', value: tensileMpa, unit: 'MPa' },
    ],
    result: { symbol: 'F', value: tensileAreaMm2 * tensileMpa, unit: 'N' },
    source,
  };
}

/** Lowest credible nut factor K by the thread's state: low K means more preload from the same torque. Editable rule of thumb. */
export const NUT_FACTOR = { dry: 0.2, oiled: 0.15, 'anti-seize': 0.13, unknown: 0.13 } as const;

/**
 * Preload from torque: F = T/(K·d), at the lowest credible K.
 * @example preloadN(25, 8, 'oiled') // 20833
 */
export function preloadN(torqueNm: number, majorMm: number, friction: keyof typeof NUT_FACTOR): number {
  return (positive(torqueNm, 'torque') * 1000) / (NUT_FACTOR[friction] * positive(majorMm, 'major'));
}
