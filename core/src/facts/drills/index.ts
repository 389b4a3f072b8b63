export {
  DRILL_SETS,
  DRILL_SIZES,
  FULL_RACK,
  rackDrills,
  type DrillSetId,
  type Rack,
  type RackDrill,
} from './drillSizes.ts';
export {
  boreForShare,
  MAJOR_LESS_PITCH_SHARE,
  shareOfBasicHeight,
  shareOfThread,
  shareWorking,
} from './shareOfThread.ts';
export {
  DRILLING_SET_UPS,
  estimatedOversizeMm,
  expectedBoreMm,
  USUAL_DRILLING,
  type Drilling,
} from './expectedBore.ts';
export { clearanceDrills, clearanceHoles, type ClearanceDrill } from './clearance.ts';
export { drillCostWords, leanWords, tapDrillWords } from './drillWords.ts';
export { pilotDrills } from './pilotDrills.ts';
export {
  chooseTapDrill,
  judgeTapDrill,
  NO_LEAN,
  threadsThatSuit,
  type DrillCost,
  type Lean,
  type TapDrill,
  type TapDrillChoice,
  type TapDrillJudgement,
} from './tapDrill.ts';
export { deepestMm, stickOut, type StickOut } from './stickOut.ts';
