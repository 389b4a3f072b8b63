import type { Working } from '../../basis/checks/index.ts';
import { InputError, roundTo } from '../../basis/numeric/index.ts';
import { inchToMm } from '../../basis/units/index.ts';
import { isoInternalTolerancesMm, unifiedIncrementsInch, type Thread } from '../threads/index.ts';

/** Coils are wound for parallel 60° threads of one start; other forms are asked of the maker. */
export const coilIsMadeFor = (thread: Thread): boolean =>
  thread.form === 'iso-60' && thread.family !== 'custom' && thread.starts === 1;

/** The least that the first turn of a coil may sit under the face, in turns, where the metal is thin (insert practice). */
export const LEAST_SET_DOWN_TURNS = 0.25;

/** Lengths a coil is made in, as multiples of the thread's diameter. */
export const COIL_LENGTHS_D = [1, 1.5, 2, 2.5, 3] as const;

/** The tapped hole that a wire coil insert needs. All diameters in mm. */
export type CoilHole = {
  thread: Thread;
  /** What the insert tap is called: the thread it serves, not its own size. */
  tapName: string;
  majorMm: number;
  pitchMinMm: number;
  pitchMaxMm: number;
  minorMinMm: number;
  minorMaxMm: number;
  tolerance: '6H' | '2B';
};

/**
 * Hole for a wire coil insert of thread D × P (60°): major D + 1.299038 P, pitch diameter D + 0.649519 P,
 * minor D + 0.216506 P, with the tolerances of class 6H / 2B of the inner thread's size and pitch.
 * Throws `no-coil` for a form that no coil is wound for.
 * @example coilHole(threadById('M8x1.25')).minorMinMm // 8.271
 */
export function coilHole(thread: Thread): CoilHole {
  if (!coilIsMadeFor(thread)) throw new InputError('no-coil', thread.id, ['a metric or unified thread']);
  const { majorMm, pitchMm } = thread;
  const pitchMinMm = majorMm + 0.649519 * pitchMm;
  const minorMinMm = majorMm + 0.216506 * pitchMm;
  let pitchTolerance: number;
  let minorTolerance: number;
  if (thread.threadsPerInch === null) {
    const tolerance = isoInternalTolerancesMm(majorMm, pitchMm, 6);
    pitchTolerance = tolerance.pitch;
    // The minor limits of insert holes follow grade 5 in both classes, because the coil must seat on the flanks.
    minorTolerance = isoInternalTolerancesMm(majorMm, pitchMm, 5).minor;
  } else {
    const increments = unifiedIncrementsInch(thread.majorInch!, thread.threadsPerInch, thread.series);
    pitchTolerance = inchToMm(increments.pitchInternal['2B']);
    minorTolerance = inchToMm(increments.minor12B);
  }
  return {
    thread,
    tapName: `${thread.designation} insert tap`,
    majorMm: roundTo(majorMm + 1.299038 * pitchMm, 3),
    pitchMinMm: roundTo(pitchMinMm, 3),
    pitchMaxMm: roundTo(pitchMinMm + pitchTolerance, 3),
    minorMinMm: roundTo(minorMinMm, 3),
    minorMaxMm: roundTo(minorMinMm + minorTolerance, 3),
    tolerance: thread.threadsPerInch === null ? '6H' : '2B',
  };
}

/**
 * Thread length that a coil gives: nominal less one pitch, because the ends of the wire carry little.
 * @example coilEffectiveLengthMm(16, 1.25) // 14.75
 */
export function coilEffectiveLengthMm(nominalMm: number, pitchMm: number): number {
  return nominalMm - pitchMm;
}

/** Working of the coil's hole. */
export function coilHoleWorking(hole: CoilHole): Working {
  return {
    title: `Hole for a wire coil insert, ${hole.thread.designation}`,
    formula: 'minor = D + 0.216506 · P; major = D + 1.299038 · P',
    symbols: [
      { symbol: 'D', meaning: 'major diameter of the screw', value: hole.thread.majorMm, unit: 'mm' },
      { symbol: 'P', meaning: 'pitch', value: hole.thread.pitchMm, unit: 'mm' },
      { symbol: 'minor', meaning: 'smallest minor of the insert thread', value: hole.minorMinMm, unit: 'mm' },
    ],
    result: { symbol: 'major', value: hole.majorMm, unit: 'mm' },
    source: `DIN 8140-2 / ASME B18.29.1 geometry; ${hole.tolerance} on the pitch`,
    range: { low: hole.minorMinMm, high: hole.minorMaxMm },
  };
}
