import type { Working } from '../../basis/checks/index.ts';
import type { Route } from './Route.ts';

/** All that can be shown of how a route's numbers came about, each once: its checks' workings, its own, and its metal. */
export function workingsOf(route: Route): Working[] {
  const byTitle = new Map<string, Working>();
  for (const asked of [...route.checks.map((check) => check.working), ...route.workings, route.reserve.working]) {
    const working = asked?.();
    if (working && !byTitle.has(working.title)) byTitle.set(working.title, working);
  }
  return [...byTitle.values()];
}
