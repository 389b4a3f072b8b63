export { sayNumber, sayStep } from './sayStep.ts';
export { coreFluidWords, freeingCard } from './freeingCard.ts';
export type { WorkStep } from './steps/registry.ts';
export { writeWorkCard } from './writeWorkCard.ts';
export type { SaidStep, StepNumber } from './WorkStep.ts';
