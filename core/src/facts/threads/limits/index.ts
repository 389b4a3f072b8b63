export { classesOf, externalLimits, internalLimits } from './limits.ts';
export { isoInternalTolerancesMm } from './isoMetric.ts';
export { unifiedIncrementsInch } from './unified.ts';
export type { ExternalLimits, InternalLimits } from './ThreadLimits.ts';
