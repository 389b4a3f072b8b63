import { digestOf } from '../../basis/numeric/index.ts';
import type { Route } from '../routes/index.ts';
import type { PlanNumbers } from './FrozenPlan.ts';

const PER_MM = 1000;

/** Micrometre rounding, so that the digest does not hang on the last bit of a platform's arithmetic. */
function micro<T extends number | null>(value: T): T {
  return (value === null ? null : Math.round(value * PER_MM) / PER_MM) as T;
}

/** The numbers of a route, rounded to a micrometre and a newton. */
export function planNumbers(route: Route): PlanNumbers {
  const { cut, depths } = route;
  return {
    drillId: cut.drill?.drill.id ?? null,
    boreMm: micro(cut.boreMm),
    cutMajorMm: micro(cut.majorMm),
    outermostMm: micro(cut.outermostMm),
    fullThreadToMm: micro(depths.fullThreadToMm),
    drillTipMm: micro(depths.drillTipMm),
    insertFromMm: micro(depths.insertFromMm),
    insertToMm: micro(depths.insertToMm),
    screwReachMm: micro(depths.screwReachMm),
    engagementMm: micro(route.engagementMm),
    stripLoadN: route.stripLoadN === null ? null : Math.round(route.stripLoadN),
    breakLoadN: Math.round(route.breakLoadN),
  };
}

/** Digest of what a person sees of a route: its id, verdict and numbers. */
export function routeDigest(route: Route): string {
  return digestOf({ id: route.id, verdict: route.verdict, numbers: planNumbers(route) });
}
