import type { Check } from '../../basis/checks/index.ts';
import { assess, type Assessment } from '../../judge/damage/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import { cleanUp } from './methods/cleanUp.ts';
import { longerScrew } from './methods/longerScrew.ts';
import { oversize } from './methods/oversize.ts';
import { wireCoil } from './methods/wireCoil.ts';
import { rankRoutes } from './rank.ts';
import { taperCheck } from './checks/taperCheck.ts';
import type { MethodId, ProposedRoute, Route } from './Route.ts';
import type { RouteMethod } from './RouteContext.ts';

/** Every way of mending held: a new one is one file and one line. */
export const ROUTE_METHODS: Readonly<Record<MethodId, RouteMethod>> = {
  'clean-up': cleanUp,
  'longer-screw': longerScrew,
  'wire-coil': wireCoil,
  oversize,
};

export interface Proposal {
  assessment: Assessment;
  /** Best first; those that do not hold come last with their failed checks. */
  routes: Route[];
}

/**
 * Every way of mending the hole, judged and ranked.
 * Worked: case 1 of the tests gives `wire-coil:M8x1.25:1.5D` first.
 */
export function proposeRoutes(hole: HoleCase): Proposal {
  const assessment = assess(hole);
  const proposed = Object.values(ROUTE_METHODS)
    .flatMap((method) => method({ hole, assessment }))
    .map((route) => (hole.thread.taper === null ? route : refused(route, taperCheck(hole.thread))));
  return { assessment, routes: rankRoutes(proposed) };
}

const refused = (route: ProposedRoute, check: Check): ProposedRoute => ({
  ...route,
  checks: [check, ...route.checks],
  verdict: check.verdict,
});

/** The reading that stands between the most verdicts: what to measure better. Null when none does. */
export function settlingReading(routes: readonly Route[]): { reading: string; routes: string[] } | null {
  const byReading = new Map<string, Set<string>>();
  for (const route of routes) {
    for (const check of route.checks) {
      if (!check.settledBy) continue;
      const titles = byReading.get(check.settledBy) ?? new Set();
      titles.add(route.title);
      byReading.set(check.settledBy, titles);
    }
  }
  const most = [...byReading].sort((a, b) => b[1].size - a[1].size)[0];
  return most ? { reading: most[0], routes: [...most[1]] } : null;
}
