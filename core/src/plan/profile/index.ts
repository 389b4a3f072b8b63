export {
  coilSections,
  depthFlags,
  foundProfile,
  plannedProfile,
  type DepthFlag,
  type ProfilePoint,
} from './profiles.ts';
