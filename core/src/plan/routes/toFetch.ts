import type { Owned } from '../../facts/owned/index.ts';
import { WAYS, type WayId } from '../../facts/ways/index.ts';
import type { Proposed } from './Route.ts';

/** Time until a tap or a coil kit that is not in the crib is there: half a day, fetched or lent (our estimate). */
export const FETCH_MINUTES = 240;

const owns = (list: readonly string[] | null, id: string) => list === null || list.includes(id);

/**
 * What a route needs that the crib's list does not have, in words. A list that was never made misses nothing. It costs time,
 * not safety: the verdict stays, the ranking by time sees it.
 */
export function toFetch(way: WayId, route: Pick<Proposed, 'thread' | 'cut'>, owned: Owned | undefined): string[] {
  if (!owned) return [];
  if (WAYS[way].needs === 'coils')
    return owns(owned.coils, route.thread.id) ? [] : [`coil tap and coils ${route.thread.designation}`];
  const { thread, tapLeads } = route.cut;
  if (thread === null || tapLeads.length === 0) return [];
  return owns(owned.taps, thread.id) ? [] : [`${thread.designation} tap`];
}
