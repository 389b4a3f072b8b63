export {
  coilSections,
  depthFlags,
  doneProfile,
  foundProfile,
  plannedProfile,
  type DepthFlag,
  type DoneCut,
  type ProfilePoint,
} from './profiles.ts';
export { combProfile } from './comb.ts';
