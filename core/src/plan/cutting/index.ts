export {
  depthBudget,
  depthBudgetWorking,
  drillPointMm,
  drillStopMm,
  fullThreadReachMm,
  TAP_LEADS,
  type DepthBudget,
  type TapLead,
} from './depthBudget.ts';
export { tapName } from './tapNames.ts';
export { drillSpeed } from './spindleSpeed.ts';
export { shareWords, targetShare, type ShareReason } from './targetShare.ts';
