export {
  coreWindow,
  LARGEST_OVERSIZE,
  looseShellMm,
  roomInRadiusMm,
  spareShare,
  stiffShellMm,
  type CoreWindow,
} from './coreWindow.ts';
export {
  chanceOfHarm,
  halfWidthOf,
  harmOfDrill,
  recommendedDrill,
  sampleHarm,
  TOUCHED_ALLOWED,
  type HarmInput,
  type HarmOfDrill,
} from './chanceOfHarm.ts';
export { beforeFreeing, beforeWords, cautionsOf, HEAT_TICK_IDS, type HeatTickId } from './beforeFreeing.ts';
export { preventNextTap, preventWords } from './preventNext.ts';
export { afterStep, afterStepWords, type AfterStep } from './afterStep.ts';
export { holeAfterCore } from './afterOut.ts';
export { corePlan, shellLeftWords, type CorePlan } from './corePlan.ts';
export { harmInput, type CoreDrilling } from './harmInput.ts';
export { leversOf } from './levers.ts';
export type { Means } from './means/registry.ts';
export { drillsToCore, proposeFreeing, sayMeans, type SaidMeans } from './proposeFreeing.ts';
export { blankStuck, type StuckCase } from './StuckCase.ts';
export { drillingFromInputs, stuckFromInputs, stuckIsHard, stuckIsStainless } from './stuckFromInputs.ts';
export { EXTRACTOR_DRILL, extractorLimitNm } from './means/extractor.ts';
