import { roundTo } from '../../../basis/numeric/index.ts';
import { PIPE_55_BY_PITCH } from '../tables/pipe.ts';
import { threadGeometry } from '../geometry.ts';
import type { Thread } from '../Thread.ts';
import type { ExternalClass, ExternalLimits, InternalLimits, LimitRule } from './ThreadLimits.ts';

const rowOf = (thread: Thread) => PIPE_55_BY_PITCH[thread.threadsPerInch as 28 | 19 | 14 | 11];

function parallelInternal(thread: Thread): InternalLimits {
  const row = rowOf(thread);
  const pitchMinMm = roundTo(thread.majorMm - row.heightMm, 3);
  const minorMinMm = roundTo(thread.majorMm - 2 * row.heightMm, 3);
  return {
    tolerance: 'G',
    majorMinMm: thread.majorMm,
    pitchMinMm,
    pitchMaxMm: roundTo(pitchMinMm + row.pitchToleranceMm, 3),
    minorMinMm,
    minorMaxMm: roundTo(minorMinMm + row.minorToleranceMm, 3),
    source: 'ISO 228-1',
  };
}

function parallelExternal(thread: Thread, tolerance: ExternalClass): ExternalLimits {
  const row = rowOf(thread);
  const pitchMaxMm = roundTo(thread.majorMm - row.heightMm, 3);
  return {
    tolerance,
    majorMaxMm: thread.majorMm,
    majorMinMm: roundTo(thread.majorMm - row.majorToleranceMm, 3),
    pitchMaxMm,
    pitchMinMm: roundTo(pitchMaxMm - row.pitchToleranceMm * (tolerance === 'B' ? 2 : 1), 3),
    source: `ISO 228-1, class ${tolerance}`,
  };
}

/** ISO 228-1. */
export const PIPE_PARALLEL_RULE: LimitRule = {
  internal: ['G'],
  external: ['A', 'B'],
  internalLimits: parallelInternal,
  externalLimits: parallelExternal,
};

/** A pipe thread grows 1 in 16 on diameter. */
const TAPER = 1 / 16;

/** How far the diameters of a taper thread run on either side of its gauge plane, over the useful thread. */
function taperSpan(thread: Thread): { belowMm: number; aboveMm: number } {
  const { gaugeLengthMm, usefulLengthMm } = thread.taper!;
  return { belowMm: gaugeLengthMm * TAPER, aboveMm: (usefulLengthMm - gaugeLengthMm) * TAPER };
}

// Not limits of manufacture but the span that a caliper can meet along the thread: the gauge, not a diameter, judges it.
function taperInternal(thread: Thread): InternalLimits {
  const g = threadGeometry(thread);
  const { belowMm } = taperSpan(thread);
  return {
    tolerance: 'gauge',
    majorMinMm: thread.majorMm - belowMm,
    pitchMinMm: g.pitchDiameterMm - belowMm,
    pitchMaxMm: g.pitchDiameterMm,
    minorMinMm: g.minorInternalMm - belowMm,
    minorMaxMm: g.minorInternalMm,
    source: 'diameters along the taper, to the gauge plane',
  };
}

function taperExternal(thread: Thread): ExternalLimits {
  const g = threadGeometry(thread);
  const { belowMm, aboveMm } = taperSpan(thread);
  return {
    tolerance: 'gauge',
    majorMaxMm: thread.majorMm + aboveMm,
    majorMinMm: thread.majorMm - belowMm,
    pitchMaxMm: g.pitchDiameterMm + aboveMm,
    pitchMinMm: g.pitchDiameterMm - belowMm,
    source: 'diameters along the taper',
  };
}

/** Taper pipe threads (ISO 7-1, ASME B1.20.1): judged by how far the gauge goes on. */
export const PIPE_TAPER_RULE: LimitRule = {
  internal: ['gauge'],
  external: ['gauge'],
  internalLimits: taperInternal,
  externalLimits: taperExternal,
};
