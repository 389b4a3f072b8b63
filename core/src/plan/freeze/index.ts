export { ENGINE_VERSION, freezePlan } from './freezePlan.ts';
export type { Expectation, FrozenCheck, FrozenPlan, FrozenStep, PlanNumbers, SaidPlan } from './FrozenPlan.ts';
export { planNumbers, routeDigest } from './routeDigest.ts';
