export {
  coreDrill,
  coreWindow,
  LARGEST_OVERSIZE,
  looseShellMm,
  roomInRadiusMm,
  spareShare,
  stiffShellMm,
  type CoreDrill,
  type CoreWindow,
} from './core.ts';
export {
  chanceOfHarm,
  halfWidthOf,
  harmOfDrill,
  recommendedDrill,
  HOLDS,
  sampleHarm,
  STARTS,
  threadLostShare,
  TOUCHED_ALLOWED,
  type Chance,
  type Harm,
  type HarmInput,
  type HarmOfDrill,
  type HarmSample,
  type HoldId,
  type StartId,
} from './chanceOfHarm.ts';
export { afterStep, type AfterStep } from './afterStep.ts';
export { holeAfterCore, type HoleAfterCore } from './afterOut.ts';
export { chipsOf, type Chips } from './chips.ts';
export { coreDepth, corePlan, coreSteps, type CoreDepth, type CorePlan, type CoreStep } from './corePlan.ts';
export { harmInput, USUAL_PROJECTION_MM, USUAL_TRIALS, type CoreDrilling } from './harmInput.ts';
export { leversOf, type Lever } from './levers.ts';
export { extractorLimitNm } from './means/drilling.ts';
export { heatPlan, type HeatPlan } from './means/heat.ts';
export { MEANS_IDS, type FreeStep, type Means, type MeansId } from './Means.ts';
export { choosePull, PIN_WALL_SHARE, pinPulls, type PinPull } from './pinPull.ts';
export { proposeFreeing } from './proposeFreeing.ts';
export {
  ACCESSES,
  blankStuck,
  BREAK_FACES,
  type Access,
  type BreakFace,
  type StuckCase,
  type TriedMeans,
} from './StuckCase.ts';
