import type { Sequelize, Transaction } from 'sequelize';
import { uuidv7 } from '../../platform/ids.ts';
import { ActorRow, Shop } from '../../store/models.ts';
import { NEW_SHOP } from './settings.ts';

// Any fixed number of its own.
const FIRST_SHOP_LOCK = 7_340_022;

/** The shop and its people, made once and whole: an empty shop with two people who can sign. */
export async function ensureShop(sequelize: Sequelize): Promise<{ shopId: string; defaultActorId: string }> {
  return sequelize.transaction(async (transaction) => {
    // Two processes that start at once take turns: the second finds what the first made.
    await sequelize.query('SELECT pg_advisory_xact_lock(:lock)', {
      replacements: { lock: FIRST_SHOP_LOCK },
      transaction,
    });
    return shopIn(transaction);
  });
}

async function shopIn(transaction: Transaction): Promise<{ shopId: string; defaultActorId: string }> {
  const known = await Shop.findOne({ raw: true, transaction });
  const shopId = known?.id ?? uuidv7();
  if (!known) {
    await Shop.create({ id: shopId, settings: NEW_SHOP, revision: 1 }, { transaction });
    for (const [name, role] of [
      ['Lead hand', 'lead-hand'],
      ['Mechanic A', 'mechanic'],
      ['Mechanic B', 'mechanic'],
    ] as const) {
      await ActorRow.create({ id: uuidv7(), shopId, name, role }, { transaction });
    }
  }
  const actor = await ActorRow.findOne({ where: { shopId, name: 'Mechanic A' }, raw: true, transaction });
  if (!actor) throw new Error('The shop has no Mechanic A');
  return { shopId, defaultActorId: actor.id };
}
