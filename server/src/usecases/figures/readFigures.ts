import { foldHole, ownFigures, type OwnFigure, type StoredEvent } from '@deep-mend/core';
import { QueryTypes } from 'sequelize';
import { EVENTS } from '../holes/readHole.ts';
import type { Context } from '../Context.ts';

/** So many holes, the ones worked on last, say enough: older work was another drill and another hand. */
const MOST_HOLES = 400;

/** What this shop's own records say. */
export async function readFigures(context: Context): Promise<OwnFigure[]> {
  const rows = await context.searching.query<{ events: StoredEvent[] }>(
    `SELECT (SELECT ${EVENTS} WHERE e.hole_id = s.hole_id) AS events FROM (
       SELECT hole_id FROM hole_summary WHERE shop_id = :shopId AND (repairs > 0 OR open_mend_id IS NOT NULL)
       ORDER BY updated_at DESC, hole_id LIMIT ${MOST_HOLES}) s`,
    { replacements: { shopId: context.shopId }, type: QueryTypes.SELECT },
  );
  return ownFigures(rows.map(({ events }) => foldHole(events)));
}
