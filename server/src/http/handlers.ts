import type { EndpointAnswer, EndpointBody, EndpointName, EndpointQuery } from '@deep-mend/contract';
import { addAsset, addFace, listAssets, readAsset } from '../usecases/assets/assets.ts';
import type { Context, Tx } from '../usecases/Context.ts';
import { readFigures } from '../usecases/figures/readFigures.ts';
import { addHole } from '../usecases/holes/addHole.ts';
import { appendEvent } from '../usecases/holes/appendEvent.ts';
import { keepBench, readBench } from '../usecases/holes/bench.ts';
import { listClocks, listHoles, listMends } from '../usecases/holes/lists.ts';
import { moveReading } from '../usecases/holes/moveReading.ts';
import { readHole } from '../usecases/holes/readHole.ts';
import { freezePlan } from '../usecases/mends/freezePlan.ts';
import { listInstruments, streamInstrument } from '../usecases/instruments/readInstruments.ts';
import { once } from '../usecases/once.ts';
import { printCard } from '../usecases/papers/printCard.ts';
import { dueFeed } from '../usecases/papers/dueFeed.ts';
import { printLabels, printPassport } from '../usecases/papers/printPassport.ts';
import { printChart } from '../usecases/papers/printChart.ts';
import { listActors, readShop, saveShop } from '../usecases/shop/settings.ts';

export interface Call<N extends EndpointName> {
  context: Context;
  id: string;
  query: EndpointQuery<N>;
  body: EndpointBody<N>;
  /** Revision from If-Match, where the endpoint asks for it. */
  ifMatch: number | null;
  /** The Idempotency-Key, where the endpoint asks for it. */
  idempotencyKey: string;
  /** Whoever asked has gone, or the server stops: what goes on answering ends. */
  until: AbortSignal;
}

export interface Reply<Body> {
  body: Body;
  revision?: number;
}

const hole = <Body extends { revision: number }>(body: Body): Reply<Body> => ({ body, revision: body.revision });
/** What bears an event's id needs no key of its own: one transaction, and the id says whether it stands already. */
const written = async <Body extends { revision: number }>(
  context: Context,
  work: (tx: Tx) => Promise<Body>,
): Promise<Reply<Body>> => hole(await context.sequelize.transaction(work));

/** One handler an endpoint, typed from its row: what the contract has parsed, and what it must answer. */
export const HANDLERS: { readonly [N in EndpointName]: (call: Call<N>) => Promise<Reply<EndpointAnswer<N>>> } = {
  readShop: async ({ context }) => {
    const { settings, revision } = await readShop(context);
    return { body: settings, revision };
  },
  saveShop: async ({ context, body, ifMatch }) => {
    const { settings, revision } = await saveShop(context, body, ifMatch!);
    return { body: settings, revision };
  },
  listActors: async ({ context }) => ({ body: await listActors(context) }),
  listAssets: async ({ context, query }) => ({ body: await listAssets(context, query) }),
  addAsset: async ({ context, body, idempotencyKey }) => ({
    body: await once(
      context,
      idempotencyKey,
      body,
      (tx) => addAsset(context, body, tx),
      (tx) => readAsset(context, body.id, {}, tx),
    ),
  }),
  readAsset: async ({ context, id, query }) => ({ body: await readAsset(context, id, query) }),
  addFace: async ({ context, id, body, idempotencyKey }) => ({
    body: await once(
      context,
      idempotencyKey,
      { id, body },
      (tx) => addFace(context, id, body, tx),
      (tx) => readAsset(context, id, {}, tx),
    ),
  }),
  listHoles: async ({ context, query }) => {
    const { loose, ...list } = query;
    return { body: await listHoles(context, { ...list, loose: loose === 'true' }) };
  },
  addHole: ({ context, body }) => written(context, (tx) => addHole(context, body, tx)),
  readHole: async ({ context, id }) => hole(await readHole(context, id)),
  appendEvent: ({ context, id, body, ifMatch }) =>
    written(context, (tx) => appendEvent(context, id, body, ifMatch, tx)),
  moveReading: ({ context, id, body, ifMatch }) =>
    written(context, (tx) => moveReading(context, id, body, ifMatch, tx)),
  freezePlan: ({ context, id, body, ifMatch }) => written(context, (tx) => freezePlan(context, id, body, ifMatch!, tx)),
  readBench: async ({ context, id }) => ({ body: await readBench(context, id) }),
  keepBench: async ({ context, id, body }) => ({ body: await keepBench(context, id, body) }),
  listClocks: async ({ context }) => ({ body: await listClocks(context) }),
  listInstruments: async ({ context }) => ({ body: await listInstruments(context) }),
  streamInstrument: async ({ context, query, until }) => ({ body: await streamInstrument(context, query, until) }),
  printCard: async ({ context, id, query }) => ({ body: await printCard(context, id, query) }),
  printPassport: async ({ context, id, query }) => ({ body: await printPassport(context, id, query) }),
  printLabels: async ({ context, id, query }) => ({ body: await printLabels(context, id, query) }),
  ownFigures: async ({ context }) => ({ body: await readFigures(context) }),
  dueFeed: async ({ context }) => ({ body: await dueFeed(context) }),
  printChart: async ({ context, query }) => ({ body: await printChart(context, query) }),
  listMends: async ({ context, query }) => ({ body: await listMends(context, query) }),
};
