import { compareVerdicts } from '../../basis/checks/index.ts';
import { spokenLength } from '../../basis/units/index.ts';
import type { MethodId, ProposedRoute, Route } from './Route.ts';

/** Among routes that take the same metal: keep the screw before changing it. */
const METHOD_ORDER: readonly MethodId[] = ['clean-up', 'longer-screw', 'wire-coil', 'oversize'];
const SAME_CUT_MM = 0.005;

/** Whether a route asks the next hand to read a thread of the other system. */
function changesSystem(route: ProposedRoute): number {
  return route.checks.some((check) => check.id === 'system') ? 1 : 0;
}

/** House rule *least metal that does the job*: verdict, own thread system, outermost cut, method, shorter insert. */
function compare(a: ProposedRoute, b: ProposedRoute): number {
  const verdict = compareVerdicts(a.verdict, b.verdict);
  if (verdict !== 0) return verdict;
  const system = changesSystem(a) - changesSystem(b);
  if (system !== 0) return system;
  const cut = a.cut.outermostMm - b.cut.outermostMm;
  if (Math.abs(cut) > SAME_CUT_MM) return cut;
  const method = METHOD_ORDER.indexOf(a.method) - METHOD_ORDER.indexOf(b.method);
  if (method !== 0) return method;
  return (a.insertLengthD ?? 0) - (b.insertLengthD ?? 0) || (a.id < b.id ? -1 : 1);
}

const VERDICT_WORDS = { holds: 'holds', 'with-care': 'holds with care', 'does-not-hold': 'does not hold' } as const;

function becauseOver(route: ProposedRoute, next: ProposedRoute | undefined): string {
  if (!next) return 'the last that is left';
  if (route.verdict !== next.verdict) {
    return `it ${VERDICT_WORDS[route.verdict]}; the next, ${next.title}, ${VERDICT_WORDS[next.verdict]}`;
  }
  if (changesSystem(route) < changesSystem(next)) return `keeps the thread system; ${next.title} changes it`;
  const lessMm = next.cut.outermostMm - route.cut.outermostMm;
  if (lessMm > SAME_CUT_MM) return `takes ${spokenLength(lessMm)} less on diameter than ${next.title}`;
  if (route.insertLengthD !== null && next.insertLengthD !== null)
    return `the same cut as ${next.title} with a shorter insert`;
  return `takes no more metal than ${next.title} and keeps more as it is`;
}

/**
 * Puts routes in order by the house rule *least metal that does the job* and gives each the sentence that put it above
 * the next. Feasibility is not touched: ruled-out routes come last, with their failed checks.
 */
export function rankRoutes(routes: readonly ProposedRoute[]): Route[] {
  const sorted = [...routes].sort(compare);
  return sorted.map((route, index) => ({ ...route, because: becauseOver(route, sorted[index + 1]) }));
}
