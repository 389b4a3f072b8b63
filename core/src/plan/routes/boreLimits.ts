import { coilHole } from '../../facts/inserts/index.ts';
import { internalLimits, type Thread } from '../../facts/threads/index.ts';
import type { Proposed } from './Route.ts';

/** Limits of a class. One that somebody chose is held to; the usual one gives way to a drill that the strength allows. */
export function limitsWith(
  { minorMinMm, minorMaxMm }: { minorMinMm: number; minorMaxMm: number },
  { fit }: Pick<Thread, 'fit'>,
  { drillMm, boreMm }: { drillMm: number | null; boreMm: number },
): { lowMm: number; highMm: number } {
  if (fit) return { lowMm: minorMinMm, highMm: minorMaxMm };
  return { lowMm: Math.min(minorMinMm, drillMm ?? minorMinMm), highMm: Math.max(minorMaxMm, boreMm) };
}

/** The limits of the class alone, whatever the rack has. */
export function classLimits({ cut, thread, insertLengthD }: Pick<Proposed, 'cut' | 'thread' | 'insertLengthD'>): {
  lowMm: number;
  highMm: number;
} {
  const { minorMinMm, minorMaxMm } = insertLengthD !== null ? coilHole(thread) : internalLimits(cut.thread ?? thread);
  return { lowMm: minorMinMm, highMm: minorMaxMm };
}

/** What a route's bore may be before it is tapped. */
export function boreLimits({ cut, thread, insertLengthD }: Pick<Proposed, 'cut' | 'thread' | 'insertLengthD'>): {
  lowMm: number;
  highMm: number;
} {
  const own = cut.thread ?? thread;
  return limitsWith(insertLengthD !== null ? coilHole(thread) : internalLimits(own), own, cut);
}
