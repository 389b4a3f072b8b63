export {
  DRILL_SETS,
  DRILL_SIZES,
  drillById,
  FULL_RACK,
  rackDrills,
  type DrillSetId,
  type DrillSize,
  type Rack,
} from './drillSizes.ts';
export { boreForShare, FULL_HEIGHT_PER_PITCH, shareOfThread } from './shareOfThread.ts';
export { expectedBoreMm } from './expectedBore.ts';
export {
  chooseTapDrill,
  describeTapDrill,
  judgeTapDrill,
  SHARE_LIGHT_UNDER,
  SHARE_REFUSED_UNDER,
  shareWorking,
  threadsThatSuit,
  type TapDrill,
  type TapDrillChoice,
  type TapDrillJudgement,
} from './tapDrill.ts';
