export { depthBudget, depthBudgetWorking, drillPointMm, drillStopMm, type DepthBudget } from './depthBudget.ts';
export { COUNTERSINK_OVER_MM } from './countersink.ts';
export { flagSetting, guideThicknessMm, stopSettingMm, type FlagSetting } from './depthSetting.ts';
export { drillGrade, type DrillGrade } from './drillGrade.ts';
export { holding, type Holding } from './holding.ts';
export { reachOnMachine, type Fit, type ReachOnMachine } from './machineReach.ts';
export {
  cuttingSpeedFtPerMin,
  cuttingSpeedMPerMin,
  isHeatShy,
  SPEED_SHARE,
  speedOnMachine,
  type SetSpeed,
} from './machineSpeed.ts';
export { openingOf, type Found, type Opening } from './opening.ts';
export { pecks, type Pecks } from './pecks.ts';
export { LAST_TURNS, rhythmOf, SQUARE_AT_TURNS, type Rhythm, type RhythmReason } from './rhythm.ts';
export { drillSpeed, screwDrillSpeed, setSpeedRpm } from './spindleSpeed.ts';
export {
  gapOfLeanMm,
  HEAD_D,
  headGapMm,
  leanOfGapDeg,
  SQUARE_AIDS,
  squareAid,
  TAP_LEAN_LIMIT_DEG,
  turnsInMachine,
  type SquareAid,
} from './square.ts';
export { suitsPlace } from './suitsPlace.ts';
export { LOAD_BANDS, loadBand, loadScale, type LoadBand, type LoadCase, type LoadScale } from './tapLoad.ts';
export { tapName, tapNumber } from './tapNames.ts';
export {
  isPowerThread,
  powerTapping,
  pushPerHandN,
  TANDEM_D,
  tapChoice,
  tapTurns,
  tapWrench,
  type PowerReason,
  type PowerTapping,
  type StyleReason,
  type TapChoice,
  type TapStyle,
  type TapTurns,
  type TapWrench,
} from './taps.ts';
export { shareWords, targetShare, USUAL_SHARE, type ShareReason } from './targetShare.ts';
