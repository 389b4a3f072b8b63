import type { HoleSummary, Page } from '@deep-mend/contract';
import { QueryTypes } from 'sequelize';
import type { Context, Tx } from '../Context.ts';
import { listPage, type ListInput } from '../cursor.ts';

const COLUMNS = `
  s.hole_id AS id, s.name, s.face_id AS "faceId", f.name AS "faceName", a.id AS "assetId", a.name AS "assetName",
  s.thread_id AS "threadId", s.generation, s.repairs, s.open_mend_id AS "openMendId", s.station, s.what,
  s.last_outcome AS "lastOutcome", s.do_not_use AS "doNotUse",
  to_char(s.updated_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') AS "updatedAt", s.revision`;
const FROM = 'FROM hole_summary s LEFT JOIN face f ON f.id = s.face_id LEFT JOIN asset a ON a.id = f.asset_id';

/** The holes of one asset, by face and name. */
export async function holesOfAsset(context: Context, assetId: string, tx?: Tx): Promise<HoleSummary[]> {
  return context.sequelize.query<HoleSummary>(
    `SELECT ${COLUMNS} ${FROM} WHERE a.id = :assetId AND s.shop_id = :shopId ORDER BY f.name, s.name`,
    { replacements: { assetId, shopId: context.shopId }, type: QueryTypes.SELECT, transaction: tx ?? null },
  );
}

/** Holes by name; `loose` gives only those not filed under an asset yet. */
export function listHoles(context: Context, input: ListInput & { loose?: boolean }): Promise<Page<HoleSummary>> {
  return listPage<HoleSummary>(
    context,
    input,
    (has) => `SELECT ${COLUMNS} ${FROM} WHERE s.shop_id = :shopId
      ${input.loose ? 'AND s.face_id IS NULL' : ''}
      ${has.search ? 'AND lower(s.name) LIKE :search' : ''}
      ${has.cursor ? 'AND (lower(s.name), s.hole_id) > (:after, :id)' : ''}
      ORDER BY lower(s.name), s.hole_id LIMIT :limit`,
    { by: 'name', of: (row) => row.name.toLowerCase() },
  );
}

/** Mends under way, or holes whose last mend is closed; latest first. */
export function listMends(
  context: Context,
  input: ListInput & { state: 'open' | 'closed' },
): Promise<Page<HoleSummary>> {
  const state =
    input.state === 'open' ? 's.open_mend_id IS NOT NULL' : 's.open_mend_id IS NULL AND s.last_outcome IS NOT NULL';
  return listPage<HoleSummary>(
    context,
    input,
    (has) => `SELECT ${COLUMNS} ${FROM} WHERE s.shop_id = :shopId AND ${state}
      ${has.search ? "AND lower(s.name || ' ' || coalesce(a.name, '')) LIKE :search" : ''}
      ${has.cursor ? 'AND (s.updated_at, s.hole_id) < (:after, :id)' : ''}
      ORDER BY s.updated_at DESC, s.hole_id DESC LIMIT :limit`,
    { by: 'moment', of: (row) => row.updatedAt },
  );
}
