export { judgeReading, readingAt } from './stepReading.ts';
export { STIFF_CAUSE_IDS, stiffCauses, type StiffCauseId, type StiffNow } from './stiff.ts';
export {
  advanceOf,
  marksOf,
  stoppedEarly,
  turnPlanOf,
  turnsAt,
  turnsWords,
  type NextMark,
  type TurnPlan,
} from './turnCounter.ts';
export { cureMinutes } from './waits.ts';
