import { digestOf } from '@deep-mend/core';
import { Op, QueryTypes } from 'sequelize';
import { Refusal } from './Refusal.ts';
import { Once } from '../store/models.ts';
import type { Context, Tx } from './Context.ts';

/** A key is remembered this long: a tablet may lie in a drawer over the holidays. */
const REMEMBERED_DAYS = 90;
const DAY_MS = 86_400_000;

/** Two calls at once with one name take turns: the second waits until the first is done, and then sees what it left. */
export async function takeTurns({ sequelize, shopId }: Context, name: string, transaction: Tx): Promise<void> {
  await sequelize.query('SELECT pg_advisory_xact_lock(hashtextextended(:name, 0))', {
    replacements: { name: `${shopId}:${name}` },
    transaction,
    type: QueryTypes.SELECT,
  });
}

/**
 * Does work that leaves no event once per key, in one transaction with the record of having done it. A repeated call with
 * the same body reads what is there now; the same key with another body is refused.
 */
export async function once<T extends object>(
  context: Context,
  idempotencyKey: string,
  body: unknown,
  work: (tx: Tx) => Promise<T>,
  again: (tx: Tx) => Promise<T>,
): Promise<T> {
  const bodyDigest = digestOf(body);
  return context.sequelize.transaction(async (transaction) => {
    await takeTurns(context, idempotencyKey, transaction);
    const before = await Once.findOne({
      where: { shopId: context.shopId, key: idempotencyKey },
      transaction,
      raw: true,
    });
    if (before && before.bodyDigest !== bodyDigest)
      throw new Refusal(422, 'key-reused', 'Key used before', 'This Idempotency-Key was used for another request.');
    if (before) return again(transaction);
    const reply = await work(transaction);
    await Once.create(
      { shopId: context.shopId, key: idempotencyKey, bodyDigest, recordedAt: context.now() },
      { transaction },
    );
    return reply;
  });
}

/** Forgets keys that no client still holds. */
export async function forgetOldKeys(now: Date): Promise<void> {
  await Once.destroy({ where: { recordedAt: { [Op.lt]: new Date(now.getTime() - REMEMBERED_DAYS * DAY_MS) } } });
}
