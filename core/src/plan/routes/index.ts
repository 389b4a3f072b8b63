export type { MetalReserve, MethodId, Route, RouteCut, RouteDepths } from './Route.ts';
export { proposeRoutes, ROUTE_METHODS, settlingReading, type Proposal } from './proposeRoutes.ts';
export { largestCutMm, NEEDED_WALL_PER_CUT } from './checks/wallCheck.ts';
