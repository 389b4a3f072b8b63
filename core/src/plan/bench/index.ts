export { biteDepthMm, bitePlanOf } from './bites.ts';
export { nearLimits } from './pace.ts';
export { isSteady } from './steady.ts';
export { judgeReading, readingAt } from './stepReading.ts';
export { STIFF_CAUSE_IDS, stiffCauseName, stiffCauses, type StiffCauseId, type StiffNow } from './stiff.ts';
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
export { stageNow } from './stageNow.ts';
export { drillInAt, drillInStuck, readChips, type ChipReading, type DrillIn } from './chips.ts';
