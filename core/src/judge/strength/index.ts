export { DILATION_LOWEST_RATIO } from './factors.ts';
export {
  shearAreaFacts,
  stripAreaWorking,
  stripFacts,
  stripLoad,
  stripLoadWorking,
  type ShearAreaFacts,
  type StripFacts,
  type StripInput,
  type StripLoad,
} from './stripLoad.ts';
export {
  breakFacts,
  breakLoadN,
  breakLoadWorking,
  NUT_FACTOR,
  preloadN,
  proofLoadN,
  type BreakFacts,
} from './screwStrength.ts';
export {
  mostTorque,
  mostTorqueWorking,
  NAMED_SHARE_OF_PROOF,
  threadTorqueNm,
  torqueFacts,
  type TorqueFacts,
  type TorqueInput,
} from './mostTorque.ts';
export { FASTENER_FIRST, marginFor, PRELOAD_MARGINS, type Margin } from './margins.ts';
export { heatWords, parentAtTemperature, screwHottestC } from './temperature.ts';
export { cuttingForceMpa, tappingLoad, tappingWorking, type TappingLoad } from './tappingLoad.ts';
