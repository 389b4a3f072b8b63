import type { HoleDetail } from '@deep-mend/contract';
import { foldHole, type HoleEvent, type HoleFile } from '@deep-mend/core';
import { QueryTypes } from 'sequelize';
import { notFound } from '../../http/HttpProblem.ts';
import type { Context, Tx } from '../Context.ts';

interface HoleRow {
  id: string;
  revision: number;
  place: HoleDetail['place'];
  events: HoleDetail['events'];
}

// One statement, raw: this is the hot read. Times are written as ISO text by the database so that no instance is built.
export const READ_HOLE_SQL = `
  SELECT h.id, h.revision,
    CASE WHEN f.id IS NULL THEN NULL ELSE
      json_build_object('assetId', a.id, 'assetName', a.name, 'faceId', f.id, 'faceName', f.name) END AS place,
    (SELECT json_agg(json_build_object(
        'id', e.id, 'seq', e.seq, 'kind', e.kind, 'payload', e.payload,
        'happenedAt', to_char(e.happened_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'),
        'recordedAt', to_char(e.recorded_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'),
        'actor', p.name) ORDER BY e.seq)
      FROM event e JOIN actor p ON p.id = e.actor_id WHERE e.hole_id = h.id) AS events
  FROM hole h
  LEFT JOIN hole_summary s ON s.hole_id = h.id
  LEFT JOIN face f ON f.id = s.face_id
  LEFT JOIN asset a ON a.id = f.asset_id
  WHERE h.id = :id AND h.shop_id = :shopId`;

/** A hole with its events, oldest first. */
export async function readHole(context: Context, id: string, tx?: Tx): Promise<HoleDetail> {
  const [row] = await context.sequelize.query<HoleRow>(READ_HOLE_SQL, {
    replacements: { id, shopId: context.shopId },
    type: QueryTypes.SELECT,
    transaction: tx ?? null,
  });
  if (!row) throw notFound('hole');
  return { id: row.id, revision: row.revision, place: row.place, events: row.events };
}

/** The folded file of a hole: the same core as in the browser. */
export function fileOf(detail: HoleDetail): HoleFile {
  // Payloads were parsed with the contract when they were written, so their shape is known.
  return foldHole(detail.events as unknown as HoleEvent[]);
}
