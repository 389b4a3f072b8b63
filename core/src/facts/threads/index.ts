export { noGoTurns } from './gauging.ts';
export type { Hand, Thread, ThreadFamily, ThreadSeries } from './Thread.ts';
export { THREAD_FORMS } from './forms.ts';
export { threadById, THREADS, threadsOf, withHand } from './threads.ts';
export { FIT_CLASSES, withFit } from './fit.ts';
export { explainThreadProblem, parseThread, type ThreadProblem } from './parseThread.ts';
export { tensileAreaWorking, threadGeometry, type ThreadGeometry } from './geometry.ts';
export {
  classesOf,
  EXTERNAL_CLASSES,
  INTERNAL_CLASSES,
  externalLimits,
  internalLimits,
  isoInternalTolerancesMm,
  unifiedIncrementsInch,
  type ExternalLimits,
  type InternalLimits,
} from './limits/index.ts';
export { canBeCustom, CUSTOM_FORMS, customThread } from './custom.ts';
