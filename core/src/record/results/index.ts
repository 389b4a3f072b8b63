export { compareResult, type RecordedResult, type ResultComparison } from './compareResult.ts';
