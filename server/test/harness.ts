import { randomBytes } from 'node:crypto';
import pino from 'pino';
import { Sequelize } from 'sequelize';
import supertest from 'supertest';
import { v7 } from 'uuid';
import { createApp } from '../src/app.ts';
import { connect } from '../src/store/connect.ts';
import { ensureShop } from '../src/usecases/shop/ensureShop.ts';
import { migrate } from '../src/store/migrate.ts';
import { API_PREFIX } from '@deep-mend/contract';

/** One database per test file on the run's own cluster. */
export async function startHarness() {
  const cluster = process.env.TEST_CLUSTER_URL!;
  const database = `t_${randomBytes(6).toString('hex')}`;
  const admin = new Sequelize(`${cluster}/postgres`, { dialect: 'postgres', logging: false });
  await admin.query(`CREATE DATABASE ${database}`);
  const sequelize = connect(`${cluster}/${database}`);
  await migrate(sequelize);
  const { shopId, defaultActorId } = await ensureShop();
  const clock = { now: new Date('2026-11-23T08:00:00Z') };
  const app = createApp({
    sequelize,
    shopId,
    defaultActorId,
    webFolder: null,
    logger: pino({ level: process.env.TEST_LOG ?? 'silent' }),
    now: () => clock.now,
  });
  const http = supertest(app.callback());
  const send = (method: 'post' | 'put', path: string, body: object, headers: Record<string, string> = {}) =>
    http[method](API_PREFIX + path)
      .set({ 'Idempotency-Key': v7(), ...headers })
      .send(body);
  return {
    sequelize,
    http,
    context: { sequelize, shopId, actorId: defaultActorId, now: () => clock.now },
    get: (path: string) => http.get(API_PREFIX + path),
    post: (path: string, body: object, headers?: Record<string, string>) => send('post', path, body, headers),
    put: (path: string, body: object, headers?: Record<string, string>) => send('put', path, body, headers),
    stop: async () => {
      await sequelize.close();
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
