import type { HoleDetail } from '@deep-mend/contract';
import { foldHole, type HoleFile } from '@deep-mend/core';
import { QueryTypes } from 'sequelize';
import { notFound } from '../Refusal.ts';
import type { Context, Tx } from '../Context.ts';

interface HoleRow {
  id: string;
  code: string;
  revision: number;
  place: HoleDetail['place'];
  events: HoleDetail['events'];
}

// Times are written as ISO text by the database so that no instance is built.
const iso = (column: string) => `to_char(${column} AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`;
const EVENT_JSON = `json_build_object(
        'id', e.id, 'seq', e.seq, 'kind', e.kind, 'payloadVersion', e.payload_version, 'payload', e.payload,
        'happenedAt', ${iso('e.happened_at')}, 'recordedAt', ${iso('e.recorded_at')}, 'actor', p.name)`;
/** The events of a hole, oldest first: of the rows of `event e` that a condition behind it names. */
export const EVENTS = `json_agg(${EVENT_JSON} ORDER BY e.seq) FROM event e JOIN actor p ON p.id = e.actor_id`;

// One statement, raw: this is the hot read.
export const READ_HOLE_SQL = `
  SELECT h.id, h.code, h.revision,
    CASE WHEN f.id IS NULL THEN NULL ELSE
      json_build_object('assetId', a.id, 'assetName', a.name, 'faceId', f.id, 'faceName', f.name) END AS place,
    (SELECT ${EVENTS} WHERE e.hole_id = h.id) AS events
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
  return { id: row.id, code: row.code, revision: row.revision, place: row.place, events: row.events };
}

/** The events of a hole after a revision, oldest first. */
export async function eventsSince(
  context: Context,
  holeId: string,
  revision: number,
  tx: Tx,
): Promise<HoleDetail['events']> {
  const [row] = await context.sequelize.query<{ events: HoleDetail['events'] | null }>(
    `SELECT (SELECT ${EVENTS} WHERE e.hole_id = :holeId AND e.shop_id = :shopId AND e.seq > :revision) AS events`,
    { replacements: { holeId, shopId: context.shopId, revision }, type: QueryTypes.SELECT, transaction: tx },
  );
  return row?.events ?? [];
}

/** The folded file of a hole: the same core as in the browser. */
export const fileOf = (detail: HoleDetail): HoleFile => foldHole(detail.events);
