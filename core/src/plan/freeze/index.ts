export { ENGINE_VERSION, freezePlan } from './freezePlan.ts';
export type { Expectation, FrozenPlan, SaidPlan } from './FrozenPlan.ts';
export { planNumbers, routeDigest } from './routeDigest.ts';
