import type { Page } from '@deep-mend/contract';
import { QueryTypes } from 'sequelize';
import { Refusal } from './Refusal.ts';
import type { Context } from './Context.ts';

// A cursor is what the last row is sorted by, so that a page costs the same wherever it is.

/** What a list is sorted by; a cursor of one is none of another. */
export type SortedBy = 'name' | 'moment';
const SORTED: Readonly<Record<SortedBy, RegExp>> = {
  name: /^[^\p{Cc}\p{Cs}]*$/u,
  moment: /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/,
};
const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

const encodeCursor = (by: SortedBy, sorted: string, id: string): string =>
  Buffer.from(JSON.stringify([by, sorted, id])).toString('base64url');

function decodeCursor(wanted: SortedBy, cursor: string | undefined): { sorted: string; id: string } | null {
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

/**
 * One page of a list. `sql` gets whether a search and a cursor are given, and uses :shopId, :search, :after, :id, :limit;
 * one row too many is asked for, to know whether there is a next page.
 */
export async function listPage<T extends { id: string }>(
  context: Context,
  input: ListInput,
  sql: (has: { search: boolean; cursor: boolean }) => string,
  sorted: { by: SortedBy; of: (row: T) => string },
): Promise<Page<T>> {
  const after = decodeCursor(sorted.by, input.cursor);
  const rows = await context.sequelize.query<T>(sql({ search: Boolean(input.search), cursor: after !== null }), {
    replacements: {
      shopId: context.shopId,
      search: likeContains(input.search ?? ''),
      after: after?.sorted ?? '',
      id: after?.id ?? null,
      limit: input.limit + 1,
    },
    type: QueryTypes.SELECT,
  });
  const items = rows.slice(0, input.limit);
  const last = items.at(-1);
  return { items, next: rows.length > input.limit && last ? encodeCursor(sorted.by, sorted.of(last), last.id) : null };
}

/** Escapes a search text for LIKE. */
function likeContains(text: string): string {
  return `%${text.toLowerCase().replace(/[\\%_]/g, (character) => `\\${character}`)}%`;
}
