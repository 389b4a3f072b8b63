export {
  coreDrill,
  coreWindow,
  LARGEST_OVERSIZE,
  looseShellMm,
  stiffShellMm,
  type CoreDrill,
  type CoreWindow,
} from './core.ts';
export {
  chanceOfHarm,
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
export { MEANS, proposeFreeing, type Means, type MeansId, type StuckCase } from './means.ts';
export { harmInput, USUAL_TRIALS, type CoreDrilling } from './harmInput.ts';
