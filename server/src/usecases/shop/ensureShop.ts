import { uuidv7 } from '../../platform/ids.ts';
import { ActorRow, Shop } from '../../store/models.ts';
import { NEW_SHOP } from './settings.ts';

/** The shop and its people, made once: an empty shop with two people who can sign. */
export async function ensureShop(): Promise<{ shopId: string; defaultActorId: string }> {
  const known = await Shop.findOne({ raw: true });
  const shopId = known?.id ?? uuidv7();
  if (!known) {
    await Shop.create({ id: shopId, settings: NEW_SHOP, revision: 1 });
    for (const [name, role] of [
      ['Lead hand', 'lead-hand'],
      ['Mechanic A', 'mechanic'],
      ['Mechanic B', 'mechanic'],
    ] as const) {
      await ActorRow.create({ id: uuidv7(), shopId, name, role });
    }
  }
  const actor = await ActorRow.findOne({ where: { shopId, name: 'Mechanic A' }, raw: true });
  if (!actor) throw new Error('The shop has no Mechanic A');
  return { shopId, defaultActorId: actor.id };
}
