export { cureMinutes } from './cureMinutes.ts';
export { isInner } from './jobs.ts';
export { sayNumber, sayStep } from './sayStep.ts';
export { coreFluidWords, freeingCard } from './freeingCard.ts';
export type { WorkStep } from './steps/registry.ts';
export { writeWorkCard } from './writeWorkCard.ts';
export { minutesOf, type SaidStep, type StepNumber } from './WorkStep.ts';
