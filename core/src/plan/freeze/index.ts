export {
  ENGINE_VERSION,
  freezePlan,
  planNumbers,
  routeDigest,
  type Expectation,
  type FrozenPlan,
  type PlanNumbers,
} from './freezePlan.ts';
