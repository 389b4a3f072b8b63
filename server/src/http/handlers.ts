import type {
  EndpointName,
  ListQuery,
  HoleQuery,
  MendQuery,
  MoveReading,
  NewAsset,
  NewEvent,
  NewFace,
  NewHole,
  NewPlan,
  ShopSettings,
} from '@deep-mend/contract';
import type { z } from 'zod';
import { addAsset, addFace, listAssets, readAsset } from '../usecases/assets/assets.ts';
import type { Context, Tx } from '../usecases/Context.ts';
import { addHole } from '../usecases/holes/addHole.ts';
import { appendEvent } from '../usecases/holes/appendEvent.ts';
import { listHoles, listMends } from '../usecases/holes/lists.ts';
import { moveReading } from '../usecases/holes/moveReading.ts';
import { readHole } from '../usecases/holes/readHole.ts';
import { freezePlan } from '../usecases/mends/freezePlan.ts';
import { once } from '../usecases/once.ts';
import { listActors, readShop, saveShop } from '../usecases/shop/settings.ts';

export interface Call {
  context: Context;
  id: string;
  query: unknown;
  body: unknown;
  /** Revision from If-Match, where the endpoint asks for it. */
  ifMatch: number | null;
  /** The Idempotency-Key, where the endpoint asks for it. */
  idempotencyKey: string;
}

export interface Reply {
  body: object;
  revision?: number;
}

const hole = (body: { revision: number }): Reply => ({ body, revision: body.revision });
/** What bears an event's id needs no key of its own: one transaction, and the id says whether it stands already. */
const written = async (context: Context, work: (tx: Tx) => Promise<{ revision: number }>): Promise<Reply> =>
  hole(await context.sequelize.transaction(work));

/** One handler an endpoint; the contract has parsed query and body, so the casts restate what is known. */
export const HANDLERS: Record<EndpointName, (call: Call) => Promise<Reply>> = {
  readShop: async ({ context }) => {
    const { settings, revision } = await readShop(context);
    return { body: settings, revision };
  },
  saveShop: async ({ context, body, ifMatch }) => {
    const { settings, revision } = await saveShop(context, body as ShopSettings, ifMatch!);
    return { body: settings, revision };
  },
  listActors: async ({ context }) => ({ body: await listActors(context) }),
  listAssets: async ({ context, query }) => ({ body: await listAssets(context, query as z.output<typeof ListQuery>) }),
  addAsset: async ({ context, body, idempotencyKey }) => ({
    body: await once(
      context,
      idempotencyKey,
      body,
      (tx) => addAsset(context, body as NewAsset, tx),
      (tx) => readAsset(context, (body as NewAsset).id, tx),
    ),
  }),
  readAsset: async ({ context, id }) => ({ body: await readAsset(context, id) }),
  addFace: async ({ context, id, body, idempotencyKey }) => ({
    body: await once(
      context,
      idempotencyKey,
      { id, body },
      (tx) => addFace(context, id, body as NewFace, tx),
      (tx) => readAsset(context, id, tx),
    ),
  }),
  listHoles: async ({ context, query }) => {
    const { loose, ...list } = query as z.output<typeof HoleQuery>;
    return { body: await listHoles(context, { ...list, loose: loose === 'true' }) };
  },
  addHole: ({ context, body }) => written(context, (tx) => addHole(context, body as NewHole, tx)),
  readHole: async ({ context, id }) => hole(await readHole(context, id)),
  appendEvent: ({ context, id, body, ifMatch }) =>
    written(context, (tx) => appendEvent(context, id, body as NewEvent, ifMatch, tx)),
  moveReading: ({ context, id, body, ifMatch }) =>
    written(context, (tx) => moveReading(context, id, body as MoveReading, ifMatch, tx)),
  freezePlan: ({ context, id, body, ifMatch }) =>
    written(context, (tx) => freezePlan(context, id, body as NewPlan, ifMatch!, tx)),
  listMends: async ({ context, query }) => ({ body: await listMends(context, query as z.output<typeof MendQuery>) }),
};
