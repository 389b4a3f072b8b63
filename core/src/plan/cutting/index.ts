export { depthBudget, depthBudgetWorking, drillPointMm, drillStopMm, type DepthBudget } from './depthBudget.ts';
export { tapName } from './tapNames.ts';
export { drillSpeed } from './spindleSpeed.ts';
export { shareWords, targetShare, type ShareReason } from './targetShare.ts';
