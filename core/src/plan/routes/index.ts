export { METHOD_IDS } from './Route.ts';
export type { MetalReserve, MethodId, Route, RouteCut, RouteDepths } from './Route.ts';
export { METHOD_TRAITS, type MethodTraits } from './traits.ts';
export { workingsOf } from './workingsOf.ts';
export { criteriaOf } from './rank.ts';
export { sensitivity, type Sensitivity } from './sensitivity.ts';
export { proposeRoutes, ROUTE_METHODS, type Proposal } from './proposeRoutes.ts';
export { largestCutMm, NEEDED_WALL_PER_CUT } from './checks/wallCheck.ts';
