export {
  COIL_LENGTHS_D,
  coilEffectiveLengthMm,
  coilHole,
  coilIsMadeFor,
  coilHoleWorking,
  type CoilHole,
} from './wireCoil.ts';
