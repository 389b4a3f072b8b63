export {
  COIL_LENGTHS_D,
  coilEffectiveLengthMm,
  coilHole,
  coilHoleWorking,
  coilIsMadeFor,
  type CoilHole,
} from './wireCoil.ts';
export { bushWallMm, keyedBushesFor, keysDiameterMm, leastBushWallMm, outsideThreads } from './bushes.ts';
