export { dryWords, fluidFor, fluidName } from './fluidFor.ts';
export { FLUIDS, type FluidId } from './tables/fluids.ts';
export { LOCKER } from './locker.ts';
