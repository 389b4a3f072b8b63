export { cardStands, ENGINE_VERSION, freezePlan } from './freezePlan.ts';
export type { FrozenPlan, SaidPlan } from './FrozenPlan.ts';
export { planNumbers, routeDigest } from './routeDigest.ts';
