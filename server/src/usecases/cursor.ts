import type { Page } from '@deep-mend/contract';
import { QueryTypes } from 'sequelize';
import { Refusal } from './Refusal.ts';
import type { Context } from './Context.ts';

// A cursor is what the last row is sorted by, so that a page costs the same wherever it is.

function encodeCursor(sorted: string, id: string): string {
  return Buffer.from(JSON.stringify([sorted, id])).toString('base64url');
}

function decodeCursor(cursor: string | undefined): { sorted: string; id: string } | null {
  if (!cursor) return null;
  try {
    const [sorted, id] = JSON.parse(Buffer.from(cursor, 'base64url').toString('utf8')) as unknown[];
    if (typeof sorted === 'string' && typeof id === 'string' && /^[0-9a-f-]{36}$/.test(id)) return { sorted, id };
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
  sortedBy: (row: T) => string,
): Promise<Page<T>> {
  const after = decodeCursor(input.cursor);
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
  return { items, next: rows.length > input.limit && last ? encodeCursor(sortedBy(last), last.id) : null };
}

/** Escapes a search text for LIKE. */
function likeContains(text: string): string {
  return `%${text.toLowerCase().replace(/[\\%_]/g, (character) => `\\${character}`)}%`;
}
