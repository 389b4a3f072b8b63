import ical, { ICalCalendarMethod } from 'ical-generator';
import { QueryTypes } from 'sequelize';
import type { Context } from '../Context.ts';

interface Due {
  id: string;
  holeId: string;
  name: string;
  faceName: string | null;
  assetName: string | null;
  code: string;
  by: string;
  what: string;
}

/** More than this lies in no calendar that somebody reads. */
const MOST = 2_000;
const DAY_MS = 86_400_000;

/** What is to be looked at again by a day, as a calendar: the last word on each hole counts. */
export async function dueFeed(context: Context): Promise<Uint8Array> {
  const rows = await context.sequelize.query<Due>(
    `SELECT last.id, s.hole_id AS "holeId", s.name, s.face_name AS "faceName", s.asset_name AS "assetName", s.code,
       last.payload ->> 'by' AS by, last.payload ->> 'what' AS what
     FROM hole_summary s CROSS JOIN LATERAL (
       SELECT e.id, e.payload FROM event e WHERE e.hole_id = s.hole_id AND e.kind = 'look-again'
       ORDER BY e.seq DESC LIMIT 1) last
     WHERE s.shop_id = :shopId AND last.payload ->> 'by' IS NOT NULL
     ORDER BY last.payload ->> 'by', s.hole_id LIMIT ${MOST}`,
    { replacements: { shopId: context.shopId }, type: QueryTypes.SELECT },
  );
  const calendar = ical({ name: 'Holes to be looked at again', method: ICalCalendarMethod.PUBLISH });
  for (const { id, holeId, name, faceName, assetName, code, by, what } of rows) {
    const start = new Date(`${by}T00:00:00Z`);
    calendar.createEvent({
      id,
      start,
      end: new Date(start.getTime() + DAY_MS),
      allDay: true,
      stamp: context.now(),
      summary: `Look again: ${[assetName, faceName, name].filter(Boolean).join(', ')}`,
      description: [what, `Code ${code}`].filter((line) => line !== '').join('. '),
      ...(context.publicUrl === null ? {} : { url: `${context.publicUrl}/holes/${holeId}` }),
    });
  }
  return new TextEncoder().encode(calendar.toString());
}
