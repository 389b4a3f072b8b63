export {
  holdsShank,
  MACHINE_KINDS,
  USUAL_COLLET_MM,
  usualMachine,
  type Machine,
  type MachineKind,
  type SpindleSpeeds,
} from './Machine.ts';
export { readSpeeds, speedsWords } from './speedsText.ts';
