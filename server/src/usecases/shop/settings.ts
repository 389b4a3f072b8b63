import { ShopSettings } from '@deep-mend/contract';
import { DEFAULT_HOUSE_RULES, digestOf, USUAL_DRILLING } from '@deep-mend/core';
import { conflict, notFound } from '../Refusal.ts';
import { ActorRow, Shop } from '../../store/models.ts';
import type { Context, Tx } from '../Context.ts';

/** Settings of a shop before the first start. */
export const NEW_SHOP: ShopSettings = {
  name: 'My shop',
  units: 'mm',
  drillSets: ['metric-tenths', 'metric-halves'],
  missingDrills: [],
  singleDrills: [],
  wornDrills: [],
  drilling: { ...USUAL_DRILLING },
  rules: DEFAULT_HOUSE_RULES,
  setUp: false,
};

export async function readShop(context: Context, tx?: Tx): Promise<{ settings: ShopSettings; revision: number }> {
  const shop = await Shop.findByPk(context.shopId, { raw: true, transaction: tx ?? null });
  if (!shop) throw notFound('shop');
  return { settings: ShopSettings.parse(shop.settings), revision: shop.revision };
}

export async function saveShop(context: Context, settings: ShopSettings, revision: number) {
  return context.sequelize.transaction(async (transaction) => {
    const shop = await Shop.findByPk(context.shopId, { transaction, lock: true });
    if (!shop) throw notFound('shop');
    // The answer to the same change may have been lost: it stands, and is not changed twice.
    if (digestOf(ShopSettings.parse(shop.settings)) === digestOf(settings))
      return { settings, revision: shop.revision };
    if (shop.revision !== revision)
      throw conflict('The settings were changed by someone else.', settings, shop.settings);
    await shop.update({ settings, revision: revision + 1 }, { transaction });
    return { settings, revision: revision + 1 };
  });
}

export async function listActors(context: Context) {
  const rows = await ActorRow.findAll({ where: { shopId: context.shopId }, order: [['name', 'ASC']], raw: true });
  return rows.map(({ id, name, role }) => ({ id, name, role }));
}
