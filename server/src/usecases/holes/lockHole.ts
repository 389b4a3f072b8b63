import { HEAD_FOLD, headOf, type HoleHead } from '@deep-mend/core';
import { QueryTypes } from 'sequelize';
import { notFound } from '../Refusal.ts';
import type { Context, Tx } from '../Context.ts';
import { fileOf, readHole } from './readHole.ts';

/** A hole taken for one transaction: what deciding on its next event needs to know of all before it. */
export interface LockedHole {
  id: string;
  revision: number;
  head: HoleHead;
}

interface Row {
  id: string;
  revision: number;
  fold: number | null;
  head: HoleHead | null;
}

/** The head made anew from all events: where none is current yet, or one of another fold. */
export const headFromEvents = async (context: Context, holeId: string, tx: Tx): Promise<HoleHead> =>
  headOf(fileOf(await readHole(context, holeId, tx)));

/** Takes the hole's row for this transaction, so that sequence numbers have no gaps and no doubles, and reads its head. */
export async function lockHole(context: Context, holeId: string, tx: Tx): Promise<LockedHole> {
  const [row] = await context.sequelize.query<Row>(
    `SELECT h.id, h.revision, k.fold, k.head FROM hole h LEFT JOIN hole_head k ON k.hole_id = h.id
      WHERE h.id = :holeId AND h.shop_id = :shopId FOR UPDATE OF h`,
    { replacements: { holeId, shopId: context.shopId }, type: QueryTypes.SELECT, transaction: tx },
  );
  if (!row) throw notFound('hole');
  const current = row.fold === HEAD_FOLD && row.head?.file.revision === row.revision ? row.head : null;
  return { id: row.id, revision: row.revision, head: current ?? (await headFromEvents(context, holeId, tx)) };
}
