import { CoreError, digestOf } from '../../basis/numeric/index.ts';
import type { Verdict } from '../../basis/checks/index.ts';
import { internalLimits } from '../../facts/threads/index.ts';
import { coilHole } from '../../facts/inserts/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import { proposeRoutes, type MethodId, type Route } from '../routes/index.ts';
import { writeWorkCard, type WorkStep } from '../workcard/index.ts';

/** Version of the computation. Raised with a line in docs/method-changes.md whenever a number can change. */
export const ENGINE_VERSION = '0.4.0';

/** The numbers of a route that a person has seen and agrees to. */
export interface PlanNumbers {
  drillId: string | null;
  boreMm: number;
  cutMajorMm: number;
  outermostMm: number;
  fullThreadToMm: number;
  drillTipMm: number;
  insertFromMm: number | null;
  insertToMm: number | null;
  screwReachMm: number;
  engagementMm: number;
  stripLoadN: number | null;
  breakLoadN: number;
}

/** Something to measure when the work is done, and what the plan expects. */
export interface Expectation {
  id: 'bore' | 'full-thread' | 'set-down' | 'gauge' | 'square';
  title: string;
  kind: 'length' | 'pass-fail';
  lowMm: number | null;
  highMm: number | null;
}

/** A route chosen and frozen: it never moves until someone plans again. */
export interface FrozenPlan {
  engineVersion: string;
  routeId: string;
  method: MethodId;
  title: string;
  threadId: string;
  fastenerName: string;
  insertLengthD: number | null;
  verdict: Verdict;
  numbers: PlanNumbers;
  expectations: Expectation[];
  steps: WorkStep[];
  /** Digest of the numbers and the verdict: equal where browser and server computed the same. */
  digest: string;
}

/** Micrometre rounding, so that the digest does not hang on the last bit of a platform's arithmetic. */
function micro<T extends number | null>(value: T): T {
  return (value === null ? null : Math.round(value * 1000) / 1000) as T;
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

function expectations(route: Route): Expectation[] {
  const limits =
    route.method === 'wire-coil' ? coilHole(route.thread) : internalLimits(route.cut.thread ?? route.thread);
  const rows: Expectation[] = [];
  if (route.cut.drill) {
    rows.push({
      id: 'bore',
      title: 'Bore after drilling',
      kind: 'length',
      lowMm: Math.min(limits.minorMinMm, route.cut.drill.drill.diameterMm),
      highMm: Math.max(limits.minorMaxMm, route.cut.boreMm),
    });
  }
  rows.push({
    id: 'full-thread',
    title: 'Full thread to',
    kind: 'length',
    lowMm: route.depths.screwReachMm,
    highMm: null,
  });
  if (route.depths.insertFromMm !== null) {
    rows.push({
      id: 'set-down',
      title: 'Coil under the face',
      kind: 'length',
      lowMm: 0.25 * route.thread.pitchMm,
      highMm: route.depths.insertFromMm + 0.5 * route.thread.pitchMm,
    });
  }
  rows.push({
    id: 'gauge',
    title: 'Gauge or good screw runs in by hand',
    kind: 'pass-fail',
    lowMm: null,
    highMm: null,
  });
  rows.push({ id: 'square', title: 'Square in two views', kind: 'pass-fail', lowMm: null, highMm: null });
  return rows;
}

/**
 * Freezes a route of a hole: proposes again from the same inputs, finds the route by id, writes its numbers, what to
 * measure afterwards and the work card. Throws `unknown-route`; a route that does not hold can not be frozen
 * (`unknown-route` names those that can).
 */
export function freezePlan(hole: HoleCase, routeId: string): FrozenPlan {
  const { routes } = proposeRoutes(hole);
  const route = routes.find((candidate) => candidate.id === routeId && candidate.verdict !== 'does-not-hold');
  if (!route) {
    throw new CoreError(
      'unknown-route',
      routeId,
      routes.filter((r) => r.verdict !== 'does-not-hold').map((r) => r.id),
    );
  }
  return {
    engineVersion: ENGINE_VERSION,
    routeId: route.id,
    method: route.method,
    title: route.title,
    threadId: route.thread.id,
    fastenerName: route.fastenerName,
    insertLengthD: route.insertLengthD,
    verdict: route.verdict,
    numbers: planNumbers(route),
    expectations: expectations(route),
    steps: writeWorkCard(hole, route),
    digest: routeDigest(route),
  };
}
