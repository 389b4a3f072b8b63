import { keepBy } from '../../basis/keep/index.ts';
import { classesOf } from './limits/limits.ts';
import type { InternalClass } from './limits/ThreadLimits.ts';
import type { Thread } from './Thread.ts';

/** Every class of fit of an inside thread, by its standard’s name. */
export const FIT_CLASSES = [
  '4H',
  '5H',
  '6H',
  '7H',
  '1B',
  '2B',
  '3B',
  '2G',
  'medium',
  'normal',
] as const satisfies readonly InternalClass[];

/**
 * The same thread held to a class of fit of its own standard; null, or a class of another standard: the usual one.
 * @example internalLimits(withFit(threadById('M8x1.25'), '5H')).minorMaxMm // 6.859
 */
export function withFit(thread: Thread, fit: InternalClass | null | undefined): Thread {
  const { internal } = classesOf(thread);
  return !fit || fit === internal[0] || !internal.includes(fit) ? thread : fitted(thread, fit);
}
// The same object each time: what is kept by a thread is kept for its fitted one too.
const fitted = keepBy(
  (fit: InternalClass) => fit,
  (thread: Thread, fit): Thread => ({ ...thread, fit }),
);
