export {
  DRILL_SETS,
  DRILL_SIZES,
  drillById,
  FULL_RACK,
  rackDrills,
  type DrillSetId,
  type DrillSize,
  type Rack,
  type RackDrill,
} from './drillSizes.ts';
export { boreForShare, shareOfBasicHeight, shareOfThread, shareWorking } from './shareOfThread.ts';
export {
  DRILLING_SET_UPS,
  expectedBoreMm,
  USUAL_DRILLING,
  type Drilling,
  type DrillingSetUpId,
} from './expectedBore.ts';
export {
  CLEARANCE_FITS,
  clearanceDrills,
  clearanceHoles,
  type ClearanceDrill,
  type ClearanceFit,
  type ClearanceHoles,
} from './clearance.ts';
export { drillCostWords, leanWords, tapDrillWords } from './drillWords.ts';
export { pilotDrills, type PilotDrills } from './pilotDrills.ts';
export {
  chooseTapDrill,
  describeTapDrill,
  judgeTapDrill,
  NO_LEAN,
  SHARE_LIGHT_UNDER,
  SHARE_REFUSED_UNDER,
  threadsThatSuit,
  type DrillCost,
  type Lean,
  type TapDrill,
  type TapDrillChoice,
  type TapDrillJudgement,
} from './tapDrill.ts';
