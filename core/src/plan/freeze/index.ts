export { cardStands, ENGINE_VERSION, freezePlan } from './freezePlan.ts';
export { EXPECTATION_IDS, type Expectation, type FrozenPlan, type SaidPlan } from './FrozenPlan.ts';
export { planNumbers, routeDigest } from './routeDigest.ts';
