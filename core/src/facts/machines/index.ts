export {
  holdsShank,
  MACHINE_KINDS,
  usualMachine,
  type Machine,
  type MachineKind,
  type SpindleSpeeds,
} from './Machine.ts';
export { readSpeeds, speedsWords } from './speedsText.ts';
