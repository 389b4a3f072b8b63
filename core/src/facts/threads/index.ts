export type { Hand, Thread, ThreadFamily, ThreadSeries } from './Thread.ts';
export { THREAD_FORMS, type FormId, type ThreadForm } from './forms.ts';
export { nearestThreadIds, threadById, THREADS, threadsOf, withHand, withStarts } from './threads.ts';
export { CUSTOM_FORMS, customThread } from './custom.ts';
export {
  explainThreadProblem,
  parseThread,
  THREAD_TEXT_LIMIT,
  type ThreadProblem,
  type ThreadResult,
} from './parseThread.ts';
export { crestClearanceMm, tensileAreaWorking, threadGeometry, type ThreadGeometry } from './geometry.ts';
export {
  classesOf,
  externalLimits,
  internalLimits,
  isoInternalTolerancesMm,
  unifiedIncrementsInch,
  type ExternalClass,
  type ExternalLimits,
  type InternalClass,
  type InternalLimits,
} from './limits/index.ts';
