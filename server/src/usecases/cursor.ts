import { MOST_FOUND, type Page } from '@deep-mend/contract';
import { DatabaseError, QueryTypes, type Sequelize } from 'sequelize';
import { Refusal } from './Refusal.ts';
import type { Context } from './Context.ts';
import { FOUND_LIMIT, waysToFind, type Way } from './search.ts';

// A cursor is what the last row is sorted by, so that a page costs the same wherever it is. Both the order and the cursor are
// the database's own: two rules of lowering a name would skip rows, or turn in a circle.

/** What a list is sorted by; a cursor of one is none of another. */
export type SortedBy = 'name' | 'moment';
const SORTED: Readonly<Record<SortedBy, RegExp>> = {
  name: /^[^\p{Cc}\p{Cs}]*$/u,
  moment: /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/,
};
const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
/** The statement was cancelled by its time-out. */
const TOO_LONG = '57014';

export const encodeCursor = (by: SortedBy, sorted: string, id: string): string =>
  Buffer.from(JSON.stringify([by, sorted, id])).toString('base64url');

export function decodeCursor(wanted: SortedBy, cursor: string | undefined): { sorted: string; id: string } | null {
  if (!cursor) return null;
  try {
    const [by, sorted, id] = JSON.parse(Buffer.from(cursor, 'base64url').toString('utf8')) as unknown[];
    if (
      by === wanted &&
      typeof sorted === 'string' &&
      SORTED[wanted].test(sorted) &&
      typeof id === 'string' &&
      UUID.test(id)
    )
      return { sorted, id };
  } catch {
    // Falls through to the refusal below: an unreadable cursor is the caller's, whatever is wrong with it.
  }
  throw new Refusal(400, 'cursor', 'Cursor not readable', 'Use the cursor of the page before, unchanged.');
}

export interface ListInput {
  search?: string | undefined;
  cursor?: string | undefined;
  limit: number;
}

/** A list: where its rows are, which of them, what they are sorted by, and what of each is shown. */
export interface List {
  /** A table with `shop_id`, `search_text` and `search_words`, called `s`. */
  table: 'hole_summary' | 'asset';
  id: 'hole_id' | 'id';
  where?: string;
  /** See {@link waysToFind}. */
  narrow?: boolean;
  values?: Record<string, string>;
  by: SortedBy;
  columns: string;
}

/** A row with what it is sorted by, as the database writes it. */
type Sorted<T> = T & { sortedBy: string; found?: number };

const MOMENT = (column: string) => `to_char(${column} AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`;
const ORDER: Readonly<Record<SortedBy, { column: string; shown: string; direction: 'ASC' | 'DESC'; past: '>' | '<' }>> =
  {
    name: { column: 'sort_name', shown: 's.sort_name', direction: 'ASC', past: '>' },
    moment: { column: 'updated_at', shown: MOMENT('s.updated_at'), direction: 'DESC', past: '<' },
  };

/**
 * One page of a list, by its index. A search takes the first rows that it finds, sorts those and says so when there were more:
 * sorting all that a common word finds would cost as much as the table is long. One row too many is asked for, to know whether
 * there is a next page.
 */
export async function listPage<T extends { id: string }>(
  context: Context,
  input: ListInput,
  list: List,
): Promise<Page<T>> {
  const after = decodeCursor(list.by, input.cursor);
  const { column, shown, direction, past } = ORDER[list.by];
  const where = `s.shop_id = :shopId ${list.where ? `AND ${list.where}` : ''}`;
  const rest = after ? `(s.${column}, s.${list.id}) ${past} (:after, :id)` : 'true';
  const tail = `ORDER BY s.${column} ${direction}, s.${list.id} ${direction} LIMIT :limit`;
  const values = {
    ...list.values,
    shopId: context.shopId,
    after: after?.sorted ?? '',
    id: after?.id ?? null,
    limit: input.limit + 1,
  };
  const ask = (pool: Sequelize, sql: string, more: object = {}) =>
    inTime(pool.query<Sorted<T>>(sql, { replacements: { ...values, ...more }, type: QueryTypes.SELECT }));
  const search = async (ways: readonly Way[]): Promise<Sorted<T>[]> => {
    const [way, ...others] = ways;
    if (!way) return [];
    const rows = await ask(
      context.searching,
      `WITH found AS MATERIALIZED (SELECT s.* FROM ${list.table} s WHERE ${where} AND ${way.sql} LIMIT ${FOUND_LIMIT})
       SELECT ${list.columns}, ${shown} AS "sortedBy", (SELECT count(*)::int FROM found) AS found
         FROM found s WHERE ${rest} ${tail}`,
      way.values,
    );
    return (rows[0]?.found ?? 0) >= way.from ? rows : search(others);
  };
  const ways = waysToFind(input.search ?? '', list.narrow);
  const rows =
    ways.length > 0
      ? await search(ways)
      : await ask(
          context.sequelize,
          `SELECT ${list.columns}, ${shown} AS "sortedBy" FROM ${list.table} s WHERE ${where} AND ${rest} ${tail}`,
        );
  const page = rows.slice(0, input.limit);
  const last = page.at(-1);
  return {
    items: page.map(({ sortedBy: _sortedBy, found: _found, ...row }) => row as unknown as T),
    next: rows.length > input.limit && last ? encodeCursor(list.by, last.sortedBy, last.id) : null,
    more: (rows[0]?.found ?? 0) > MOST_FOUND,
  };
}

async function inTime<T>(work: Promise<T>): Promise<T> {
  try {
    return await work;
  } catch (error) {
    if (!(error instanceof DatabaseError) || (error.original as { code?: string }).code !== TOO_LONG) throw error;
    throw new Refusal(422, 'search-slow', 'Too much to look through', 'Type more of the name, or its short code.');
  }
}
