export { COIL_LENGTHS_D, coilEffectiveLengthMm, coilHole, coilHoleWorking, type CoilHole } from './wireCoil.ts';
