export { fastenerShearAreaMm2, parentShearAreaMm2 } from './areas.ts';
export {
  DILATION_LOWEST_RATIO,
  dilationFactor,
  fastenerBendingFactor,
  overlapFactor,
  parentBendingFactor,
} from './factors.ts';
export { stripAreaWorking, stripLoad, stripLoadWorking, type StripInput, type StripLoad } from './stripLoad.ts';
export { breakLoadN, breakLoadWorking, NUT_FACTOR, preloadN, proofLoadN } from './screwStrength.ts';
export {
  mostTorque,
  mostTorqueWorking,
  PRELOAD_MARGINS,
  PRELOAD_SCATTER,
  type MostTorque,
  type TorqueInput,
} from './mostTorque.ts';
export { parentAtTemperature, type HotParent } from './temperature.ts';
export { tappingLoad, type TappingLoad } from './tappingLoad.ts';
export { overlapAround } from './overlapAround.ts';
