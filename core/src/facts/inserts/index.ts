export {
  COIL_LENGTHS_D,
  coilEffectiveLengthMm,
  coilHole,
  coilHoleWorking,
  coilIsMadeFor,
  LEAST_SET_DOWN_TURNS,
  type CoilHole,
} from './wireCoil.ts';
export { bushShearMpa, bushWallMm, keyedBushesFor, keysDiameterMm, leastBushWallMm, outsideThreads } from './bushes.ts';
