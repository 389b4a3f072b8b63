import { digestOf } from '@deep-mend/core';
import { QueryTypes } from 'sequelize';
import { HttpProblem } from '../http/HttpProblem.ts';
import { Once } from '../store/models.ts';
import type { Context, Tx } from './Context.ts';

/**
 * Does the work once per key, in one transaction with the record of having done it. A repeated call with the same body
 * gets the same reply; the same key with another body is refused. Two calls at once take turns on the key.
 */
export async function once<T extends object>(
  context: Context,
  key: string,
  body: unknown,
  work: (tx: Tx) => Promise<T>,
): Promise<T> {
  const bodyDigest = digestOf(body);
  return context.sequelize.transaction(async (transaction) => {
    await context.sequelize.query('SELECT pg_advisory_xact_lock(hashtextextended(:key, 0))', {
      replacements: { key: `${context.shopId}:${key}` },
      transaction,
      type: QueryTypes.SELECT,
    });
    const before = await Once.findOne({ where: { shopId: context.shopId, key }, transaction, raw: true });
    if (before) {
      if (before.bodyDigest !== bodyDigest) {
        throw new HttpProblem(
          422,
          'key-reused',
          'Key used before',
          'This Idempotency-Key was used for another request.',
        );
      }
      return before.reply as T;
    }
    const reply = await work(transaction);
    await Once.create({ shopId: context.shopId, key, bodyDigest, reply, recordedAt: context.now() }, { transaction });
    return reply;
  });
}
