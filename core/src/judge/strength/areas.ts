import { positive } from '../../basis/numeric/index.ts';
import type { Working } from '../../basis/checks/index.ts';

export interface ShearAreaInput {
  pitchMm: number;
  engagementMm: number;
  /** Half the included angle of the form; 30 for ISO 60°. */
  halfAngleDeg: number;
}

const tanOf = (halfAngleDeg: number) => Math.tan((halfAngleDeg * Math.PI) / 180);

/**
 * Shear area of the parent (internal) thread, FED-STD-H28 with real limits:
 * A = π·d_min·(Le/P)·[P/2 + (d_min − D2_max)·tan 30°], with the form's own half angle. d_min is the smallest major of
 * the part screwed in, D2_max the largest pitch diameter of the hole.
 * @example parentShearAreaMm2({ pitchMm: 1.25, engagementMm: 11, halfAngleDeg: 30, majorMinMm: 7.76, pitchMaxMm: 7.348 }) // 185.1
 */
export function parentShearAreaMm2(input: ShearAreaInput & { majorMinMm: number; pitchMaxMm: number }): number {
  const { pitchMm, engagementMm, majorMinMm, pitchMaxMm } = input;
  const base = pitchMm / 2 + (majorMinMm - pitchMaxMm) * tanOf(input.halfAngleDeg);
  return Math.PI * positive(majorMinMm, 'smallest major') * (engagementMm / positive(pitchMm, 'pitch')) * base;
}

/**
 * Shear area of the fastener's (external) thread, FED-STD-H28: A = π·D1_max·(Le/P)·[P/2 + (d2_min − D1_max)·tan 30°].
 * Give the REAL bore as D1_max once it is drilled.
 * @example fastenerShearAreaMm2({ pitchMm: 1.25, engagementMm: 11, halfAngleDeg: 30, minorMaxMm: 6.912, pitchMinMm: 7.042 }) // 133.8
 */
export function fastenerShearAreaMm2(input: ShearAreaInput & { minorMaxMm: number; pitchMinMm: number }): number {
  const { pitchMm, engagementMm, minorMaxMm, pitchMinMm } = input;
  const base = pitchMm / 2 + (pitchMinMm - minorMaxMm) * tanOf(input.halfAngleDeg);
  // Past this bore the flanks no longer meet at the pitch line; no area is left, never a negative one.
  return Math.PI * minorMaxMm * (engagementMm / pitchMm) * Math.max(0, base);
}

/** Working of the parent's shear area. */
export function parentShearWorking(input: ShearAreaInput & { majorMinMm: number; pitchMaxMm: number }): Working {
  return {
    title: 'Shear area of the thread in the parent',
    formula: 'Ap = π · d_min · (Le / P) · [P/2 + (d_min − D2_max) · tan α]',
    symbols: [
      {
        symbol: 'd_min',
        meaning: 'smallest major diameter of what is screwed in',
        value: input.majorMinMm,
        unit: 'mm',
      },
      { symbol: 'D2_max', meaning: 'largest pitch diameter of the hole', value: input.pitchMaxMm, unit: 'mm' },
      { symbol: 'Le', meaning: 'engaged full thread', value: input.engagementMm, unit: 'mm' },
      { symbol: 'P', meaning: 'pitch', value: input.pitchMm, unit: 'mm' },
      { symbol: 'α', meaning: 'half the form’s angle', value: input.halfAngleDeg, unit: '°' },
    ],
    result: { symbol: 'Ap', value: parentShearAreaMm2(input), unit: 'mm²' },
    source: 'FED-STD-H28',
  };
}
