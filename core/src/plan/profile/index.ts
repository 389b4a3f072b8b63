export {
  coilSections,
  depthFlags,
  foundProfile,
  plannedProfile,
  type DepthFlag,
  type ProfilePoint,
} from './profiles.ts';
export { combProfile } from './comb.ts';
