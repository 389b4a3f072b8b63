import { coilHole } from '../../facts/inserts/index.ts';
import { internalLimits } from '../../facts/threads/index.ts';
import type { Proposed } from './Route.ts';

/**
 * What a bore may be before it is tapped: the limits of the class. A class that somebody chose is held to; the usual one gives way
 * to a drill that the strength allows.
 */
export function boreLimits({ cut, thread, insertLengthD }: Pick<Proposed, 'cut' | 'thread' | 'insertLengthD'>): {
  lowMm: number;
  highMm: number;
} {
  const { minorMinMm, minorMaxMm } = insertLengthD !== null ? coilHole(thread) : internalLimits(cut.thread ?? thread);
  if ((cut.thread ?? thread).fit) return { lowMm: minorMinMm, highMm: minorMaxMm };
  return { lowMm: Math.min(minorMinMm, cut.drillMm ?? minorMinMm), highMm: Math.max(minorMaxMm, cut.boreMm) };
}
