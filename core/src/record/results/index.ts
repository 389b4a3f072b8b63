export { checkPlannedBore, compareResult, type RecordedResult, type ResultComparison } from './compareResult.ts';
