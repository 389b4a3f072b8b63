export { checkPlannedBore, compareResult, type RecordedResult } from './compareResult.ts';
