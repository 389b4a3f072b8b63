export { depthBudget, depthBudgetWorking, drillPointMm, drillStopMm, type DepthBudget } from './depthBudget.ts';
export { COUNTERSINK_OVER_MM } from './countersink.ts';
export { tapName } from './tapNames.ts';
export { drillSpeed, screwDrillSpeed, setSpeedRpm } from './spindleSpeed.ts';
export { shareWords, targetShare, USUAL_SHARE, type ShareReason } from './targetShare.ts';
