export { classesOf, externalLimits, internalLimits } from './limits.ts';
export { isoInternalTolerancesMm } from './isoMetric.ts';
export { unifiedIncrementsInch } from './unified.ts';
export { EXTERNAL_CLASSES, INTERNAL_CLASSES } from './ThreadLimits.ts';
export type { ExternalLimits, InternalLimits } from './ThreadLimits.ts';
