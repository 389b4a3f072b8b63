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
  sampleHarm,
  threadLostShare,
  TOUCHED_ALLOWED,
  type Chance,
  type Harm,
  type HarmInput,
  type HarmOfDrill,
  type HarmSample,
} from './chanceOfHarm.ts';
export { afterStep, afterStepWords, type AfterStep } from './afterStep.ts';
export { holeAfterCore, type HoleAfterCore } from './afterOut.ts';
export { chipsOf, type Chips } from './chips.ts';
export { coreDepth, corePlan, coreSteps, type CoreDepth, type CorePlan, type CoreStep } from './corePlan.ts';
export { harmInput, USUAL_PROJECTION_MM, USUAL_TRIALS, type CoreDrilling } from './harmInput.ts';
export { leversOf, type Lever } from './levers.ts';
export { extractorLimitNm } from './means/extractor.ts';
export type { FreeStep } from './Means.ts';
export type { Means } from './means/registry.ts';
export { choosePull, PIN_WALL_SHARE, pinPulls, type PinPull } from './pinPull.ts';
export { drillsToCore, proposeFreeing, sayMeans, type SaidMeans } from './proposeFreeing.ts';
export { blankStuck, type StuckCase, type TriedMeans } from './StuckCase.ts';
export { drillingFromInputs, stuckFromInputs, stuckIsHard, stuckIsStainless } from './stuckFromInputs.ts';
