import type { Working } from '../../basis/checks/index.ts';
import { shareWorking } from '../../facts/drills/index.ts';
import { coilHoleWorking, type CoilHole } from '../../facts/inserts/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import {
  breakLoadWorking,
  mostTorqueWorking,
  stripAreaWorking,
  stripLoadWorking,
  type BreakFacts,
  type ShearAreaFacts,
  type StripFacts,
  type TorqueFacts,
} from '../../judge/strength/index.ts';
import { workingOf } from './checks/registry.ts';
import { reserveWorking } from './metalReserve.ts';
import type { Route } from './Route.ts';

/** How a route's own numbers came about, as the numbers that they follow from. */
export type RouteWorking =
  | { kind: 'share'; facts: { thread: Thread; boreMm: number } }
  | { kind: 'coil-hole'; facts: CoilHole }
  | { kind: 'shear-area'; facts: ShearAreaFacts }
  | { kind: 'strip'; facts: StripFacts }
  | { kind: 'break'; facts: BreakFacts }
  | { kind: 'torque'; facts: TorqueFacts };

/** Writes out how a number of a route came about. */
export function writeWorking(working: RouteWorking): Working {
  switch (working.kind) {
    case 'share':
      return shareWorking(working.facts.thread, working.facts.boreMm);
    case 'coil-hole':
      return coilHoleWorking(working.facts);
    case 'shear-area':
      return stripAreaWorking(working.facts);
    case 'strip':
      return stripLoadWorking(working.facts);
    case 'break':
      return breakLoadWorking(working.facts);
    case 'torque':
      return mostTorqueWorking(working.facts);
  }
}

/** All that can be shown of how a route's numbers came about, each once: its checks' workings, its own, and its metal. */
export function workingsOf(route: Route): Working[] {
  const byTitle = new Map<string, Working>();
  const all = [...route.checks.map(workingOf), ...route.workings.map(writeWorking), reserveWorking(route.reserve)];
  for (const working of all) if (working && !byTitle.has(working.title)) byTitle.set(working.title, working);
  return [...byTitle.values()];
}
