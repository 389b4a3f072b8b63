export type { Hand, Thread, ThreadFamily, ThreadSeries } from './Thread.ts';
export { nearestThreadIds, threadById, THREADS, withHand } from './threads.ts';
export {
  explainThreadProblem,
  parseThread,
  THREAD_TEXT_LIMIT,
  type ThreadProblem,
  type ThreadResult,
} from './parseThread.ts';
export { tensileAreaWorking, threadGeometry, type ThreadGeometry } from './geometry.ts';
export {
  externalLimits,
  internalLimits,
  isoInternalTolerancesMm,
  unifiedIncrementsInch,
  type ExternalClass,
  type ExternalLimits,
  type InternalClass,
  type InternalLimits,
} from './limits.ts';
