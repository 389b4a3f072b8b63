import { randomBytes } from 'node:crypto';
import pino from 'pino';
import { Sequelize } from 'sequelize';
import supertest from 'supertest';
import { v7 } from 'uuid';
import { createApp, type AppOptions } from '../src/app.ts';
import { connect, connectSearches } from '../src/store/connect.ts';
import { ActorRow, Shop } from '../src/store/models.ts';
import { ensureShop } from '../src/usecases/shop/ensureShop.ts';
import { NEW_SHOP } from '../src/usecases/shop/settings.ts';
import { migrate } from '../src/store/migrate.ts';
import { API_PREFIX, type ShopSettings } from '@deep-mend/contract';
import { foldHole, inputsOf, routeDigest, weigh, type RecordedResult, type StoredEvent } from '@deep-mend/core';

/** The API as one shop sees it. */
export function clientOf(
  options: Pick<
    AppOptions,
    'sequelize' | 'searching' | 'shopId' | 'defaultActorId' | 'now' | 'publicUrl' | 'instruments'
  >,
) {
  const app = createApp({ ...options, webFolder: null, logger: pino({ level: process.env.TEST_LOG ?? 'silent' }) });
  const http = supertest(app.callback());
  const send = (method: 'post' | 'put', path: string, body: object, headers: Record<string, string> = {}) =>
    http[method](API_PREFIX + path)
      .set({ 'Idempotency-Key': v7(), ...headers })
      .send(body);
  return {
    app,
    http,
    get: (path: string) => http.get(API_PREFIX + path),
    post: (path: string, body: object, headers?: Record<string, string>) => send('post', path, body, headers),
    put: (path: string, body: object, headers?: Record<string, string>) => send('put', path, body, headers),
  };
}

/** One database per test file on the run's own cluster. */
export async function startHarness() {
  const cluster = process.env.TEST_CLUSTER_URL!;
  const database = `t_${randomBytes(6).toString('hex')}`;
  const admin = new Sequelize(`${cluster}/postgres`, { dialect: 'postgres', logging: false });
  await admin.query(`CREATE DATABASE ${database}`);
  const sequelize = connect(`${cluster}/${database}`, (error) => {
    throw error;
  });
  const searching = connectSearches(`${cluster}/${database}`, (error) => {
    throw error;
  });
  await migrate(sequelize);
  const { shopId, defaultActorId } = await ensureShop(sequelize);
  const now = () => new Date('2026-11-23T08:00:00Z');
  return {
    sequelize,
    context: {
      sequelize,
      searching,
      shopId,
      actorId: defaultActorId,
      now,
      publicUrl: null,
      instruments: null,
      origin: 'entered' as const,
    },
    ...clientOf({ sequelize, searching, shopId, defaultActorId, now }),
    /** The same shop with something more around its server. */
    clientWith: (more: Pick<Parameters<typeof clientOf>[0], 'publicUrl' | 'instruments'>) =>
      clientOf({ sequelize, searching, shopId, defaultActorId, now, ...more }),
    /** A second shop in the same database: nothing of the first is seen from it. */
    otherShop: async () => {
      const shop = v7();
      await Shop.create({ id: shop, settings: NEW_SHOP, revision: 1 });
      const actor = { id: v7(), shopId: shop, name: 'Somebody else', role: 'mechanic' } as const;
      await ActorRow.create(actor);
      return clientOf({ sequelize, searching, shopId: shop, defaultActorId: actor.id, now });
    },
    stop: async () => {
      await sequelize.close();
      await searching.close();
      await admin.query(`DROP DATABASE ${database} WITH (FORCE)`);
      await admin.close();
    },
  };
}

export type Harness = Awaited<ReturnType<typeof startHarness>>;

export const happenedAt = '2026-11-23T08:00:00.000Z';

/** Writes events to a hole one after the other, each on the revision that the one before left. */
export function writer(harness: Harness, id: string, revision: number) {
  const state = { revision };
  const send = async (kind: string, payload: object) => {
    const reply = await harness.post(
      `/holes/${id}/events`,
      { id: v7(), kind, payload, happenedAt },
      { 'If-Match': `"${state.revision}"` },
    );
    state.revision = (reply.body.revision as number | undefined) ?? state.revision;
    return reply;
  };
  return { state, send };
}

/** A hole with worked case 1 typed in, and its open mend. */
export async function case1(harness: Harness) {
  const id = v7();
  const mendId = v7();
  await harness
    .post('/holes', { id, name: 'Hole 4', faceId: null, mend: { id: mendId, what: 'pulled out' }, happenedAt })
    .expect(200);
  const { state, send } = writer(harness, id, 2);
  const append = async (kind: string, payload: object): Promise<void> => {
    expect((await send(kind, payload)).body).toMatchObject({ id });
  };
  for (const [field, value] of Object.entries({
    threadId: 'M8x1.25',
    parentId: 'aluminium-cast-heat-treated',
    kind: 'through',
    fastenerClassId: '8.8',
    behind: 'nothing',
    crack: 'none',
    earlierRepair: 'none',
  })) {
    await append('choice', { field, value });
  }
  for (const [quantity, mm] of Object.entries({
    depth: 20,
    'damage-to': 9,
    edge: 30,
    'mate-hole': 9,
    'screw-reach': 15,
  })) {
    await append('reading', { quantity, text: `${mm}`, notation: 'mm', mm, halfWidthMm: 0, instrument: 'drawing' });
  }
  // What is appended later moves it on.
  return {
    id,
    mendId,
    append,
    get revision() {
      return state.revision;
    },
  };
}

/** A reading of the edge, to be recorded. */
export const reading = (mm: number) => ({
  id: v7(),
  kind: 'reading',
  payload: { quantity: 'edge', text: `${mm} mm`, notation: 'mm', mm, halfWidthMm: 0.05, instrument: 'caliper' },
  happenedAt,
});

/** The ways of a hole, weighed as its browser would. */
export async function routesOf(harness: Harness, id: string) {
  const hole = (await harness.get(`/holes/${id}`).expect(200)).body;
  const settings = (await harness.get('/shop').expect(200)).body as ShopSettings;
  const weighed = weigh(inputsOf(foldHole(hole.events as StoredEvent[])), {
    rules: settings.rules,
    rack: { setIds: settings.drillSets, missingIds: settings.missingDrills },
  });
  if (!weighed.ok) throw new Error(weighed.missing.join());
  return { hole, routes: weighed.proposal.routes };
}

/** The folded file of a hole. */
export const fileOf = async (harness: Harness, id: string) =>
  foldHole((await harness.get(`/holes/${id}`).expect(200)).body.events as StoredEvent[]);

/** A hole with its first way planned. */
export async function frozen(harness: Harness, given?: Awaited<ReturnType<typeof case1>>) {
  const made = given ?? (await case1(harness));
  const { hole, routes } = await routesOf(harness, made.id);
  const planId = v7();
  const body = { id: planId, mendId: made.mendId, routeId: routes[0]!.id, digest: routeDigest(routes[0]!), happenedAt };
  const reply = await harness.post(`/holes/${made.id}/plans`, body, { 'If-Match': `"${hole.revision}"` });
  return { ...made, planId, reply, route: routes[0]!, body };
}

/** What a careful hand finds of a plan in force: everything inside its limits; `but`: what was found otherwise. */
export async function goodResults(
  harness: Harness,
  holeId: string,
  ...but: RecordedResult[]
): Promise<RecordedResult[]> {
  const { expectations } = (await fileOf(harness, holeId)).mends.at(-1)!.plan!;
  return expectations.map(({ id, kind, lowMm, highMm, mostTurns, leastNm }): RecordedResult => {
    const other = but.find((row) => row.id === id);
    if (other) return other;
    if (kind === 'pass-fail') return { id, passed: true };
    if (kind === 'turns') return { id, turns: mostTurns! };
    if (kind === 'torque') return { id, nm: leastNm! };
    return { id, mm: highMm === null ? lowMm! : (lowMm! + highMm) / 2 };
  });
}
