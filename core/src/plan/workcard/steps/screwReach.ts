import { WAYS } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { mostReachMm, type Route } from '../../routes/index.ts';

/** The farthest that the screw may reach; null: into free air as far as it likes. One that stays is no danger where it was. */
export function mostReach(
  hole: HoleCase,
  { method, thread, depths }: Pick<Route, 'method' | 'thread' | 'depths'>,
): number | null {
  const mostMm = mostReachMm(hole, thread);
  if (hole.kind === 'blind') return mostMm;
  if (hole.behind === 'nothing') return null;
  const stays = WAYS[method].fastenerChange === 'kept';
  return Math.max(mostMm, stays ? (hole.joint.screwReach?.mm ?? depths.screwReachMm) : 0);
}
