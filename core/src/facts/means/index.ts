export { MEANS_COSTS } from './MeansFact.ts';
export { ATTEMPT_OUTCOMES, type AttemptOutcome } from './outcomes.ts';
export { MEANS, MEANS_IDS, type MeansId } from './registry.ts';
