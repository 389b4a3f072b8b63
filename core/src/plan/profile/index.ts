export {
  coilSections,
  depthFlags,
  doneProfile,
  foundProfile,
  plannedProfile,
  sleeveProfile,
  stageProfile,
  type CutStage,
  type DepthFlag,
  type DoneCut,
  type ProfilePoint,
} from './profiles.ts';
export { combProfile } from './comb.ts';
