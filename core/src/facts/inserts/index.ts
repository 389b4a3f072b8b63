export {
  COIL_LENGTHS_D,
  coilEffectiveLengthMm,
  coilHole,
  coilHoleWorking,
  coilIsMadeFor,
  type CoilHole,
} from './wireCoil.ts';
export { bushWallMm, keyedBushesFor, KEYED_BUSHES, keysDiameterMm, leastBushWallMm, outsideThreads } from './bushes.ts';
