import type { HoleSummary, Page } from '@deep-mend/contract';
import { QueryTypes } from 'sequelize';
import type { Context, Tx } from '../Context.ts';
import { encodeCursor, listPage, type ListInput } from '../cursor.ts';

const COLUMNS = `
  s.hole_id AS id, s.name, s.code, s.face_id AS "faceId", s.face_name AS "faceName", s.asset_id AS "assetId",
  s.asset_name AS "assetName", s.thread_id AS "threadId", s.generation, s.repairs, s.open_mend_id AS "openMendId",
  s.station, s.what, s.last_outcome AS "lastOutcome", s.do_not_use AS "doNotUse",
  s.clock_what AS "clockWhat",
  to_char(s.clock_due_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') AS "clockDueAt",
  to_char(s.updated_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') AS "updatedAt", s.revision`;

/** What an asset's page shows of each face before somebody asks for more. */
const FIRST_OF_FACE = 12;

type Firsts = ReadonlyMap<string, { holes: HoleSummary[]; next: string | null }>;

/** The first holes of each face, by name, and where the rest of them begins. */
export async function firstOfFaces(context: Context, faceIds: readonly string[], tx?: Tx): Promise<Firsts> {
  if (faceIds.length === 0) return new Map();
  const rows = await context.sequelize.query<HoleSummary & { sortedBy: string }>(
    `SELECT t.* FROM unnest(ARRAY[:faceIds]::uuid[]) AS f (id) CROSS JOIN LATERAL (
       SELECT ${COLUMNS}, s.sort_name AS "sortedBy" FROM hole_summary s
       WHERE s.face_id = f.id AND s.shop_id = :shopId ORDER BY s.sort_name, s.hole_id LIMIT ${FIRST_OF_FACE + 1}) t`,
    {
      replacements: { faceIds: [...faceIds], shopId: context.shopId },
      type: QueryTypes.SELECT,
      transaction: tx ?? null,
    },
  );
  return new Map(
    faceIds.map((faceId) => {
      const ours = rows.filter((row) => row.faceId === faceId);
      const shown = ours.slice(0, FIRST_OF_FACE);
      const last = shown.at(-1);
      return [
        faceId,
        {
          holes: shown.map(({ sortedBy: _sortedBy, ...hole }) => hole),
          next: ours.length > FIRST_OF_FACE && last ? encodeCursor('name', last.sortedBy, last.id) : null,
        },
      ];
    }),
  );
}

export interface HolesInput extends ListInput {
  /** Only those that are not filed under an asset yet. */
  loose: boolean;
  /** Only those of one face. */
  face?: string | undefined;
}

/** Holes by name. */
export function listHoles(context: Context, { loose, face, ...input }: HolesInput): Promise<Page<HoleSummary>> {
  return listPage<HoleSummary>(context, input, {
    table: 'hole_summary',
    id: 'hole_id',
    by: 'name',
    columns: COLUMNS,
    where: [...(loose ? ['s.face_id IS NULL'] : []), ...(face ? ['s.face_id = :face'] : [])].join(' AND '),
    values: face ? { face } : {},
  });
}

/** Mends under way, or holes whose last mend is closed; latest first. */
export function listMends(
  context: Context,
  { state, ...input }: ListInput & { state: 'open' | 'closed' },
): Promise<Page<HoleSummary>> {
  return listPage<HoleSummary>(context, input, {
    table: 'hole_summary',
    id: 'hole_id',
    by: 'moment',
    columns: COLUMNS,
    narrow: state === 'open',
    where: state === 'open' ? 's.open_mend_id IS NOT NULL' : 's.open_mend_id IS NULL AND s.last_outcome IS NOT NULL',
  });
}

/** As many as a shop looks at; more run in none. */
const MOST_CLOCKS = 100;

/** Holes on which a wait runs or is due, the one that is due first on top. */
export function listClocks(context: Context): Promise<HoleSummary[]> {
  return context.sequelize.query<HoleSummary>(
    `SELECT ${COLUMNS} FROM hole_summary s WHERE s.shop_id = :shopId AND s.clock_due_at IS NOT NULL
      ORDER BY s.clock_due_at, s.hole_id LIMIT ${MOST_CLOCKS}`,
    { replacements: { shopId: context.shopId }, type: QueryTypes.SELECT },
  );
}
