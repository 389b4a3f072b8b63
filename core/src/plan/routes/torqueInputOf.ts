import type { HoleCase } from '../../judge/hole/index.ts';
import type { TorqueInput } from '../../judge/strength/index.ts';
import { fastenerFor } from './checks/strength.ts';
import type { Proposed } from './Route.ts';

/** What the most torque of a route follows from; null where the strength model does not reach. */
export function torqueInputOf(hole: HoleCase, route: Pick<Proposed, 'thread' | 'stripLeastN'>): TorqueInput | null {
  if (route.stripLeastN === null) return null;
  const { demand } = hole.joint;
  return {
    thread: route.thread,
    fastener: fastenerFor(hole, route.thread).fastener,
    stripLeastN: route.stripLeastN,
    load: demand.mode === 'preload' ? demand.load : 'static',
  };
}
