import { connect } from '../src/store/connect.ts';
import { allowWriter } from '../src/store/writer.ts';
import { errorToLog } from '../src/platform/log.ts';
import { createMetrics } from '../src/http/metrics.ts';
import { createApp } from '../src/app.ts';
import { API_PREFIX } from '@deep-mend/contract';
import pino from 'pino';
import supertest from 'supertest';
import { v7 } from 'uuid';
import { EventRow } from '../src/store/models.ts';
import { addHole } from '../src/usecases/holes/addHole.ts';
import { case1, happenedAt, startHarness, type Harness } from './harness.ts';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.stop());

const app = (more: object = {}) => {
  const { sequelize, searching, shopId, actorId, now } = harness.context;
  const logger = pino({ level: 'silent' });
  return supertest(
    createApp({
      sequelize,
      searching,
      shopId,
      defaultActorId: actorId,
      now,
      webFolder: null,
      logger,
      ...more,
    }).callback(),
  );
};
const shop = `${API_PREFIX}/shop`;

test.each([
  ['a name that leads here from elsewhere', { Host: 'shop.example' }, 421],
  ['a page of another site', { Origin: 'http://other.example' }, 403],
  ['a page of another port', { Origin: 'http://127.0.0.1:1' }, 403],
  ['a page without an origin of its own', { Origin: 'null' }, 403],
  ['a link from another site', { 'Sec-Fetch-Site': 'cross-site' }, 403],
  ['a page of ours', { 'Sec-Fetch-Site': 'same-origin' }, 200],
  ['loopback by name', { Host: 'localhost:5180', Origin: 'http://localhost:5180' }, 200],
])('%s: %o %i', async (_, headers, status) => {
  expect((await app().get(shop).set(headers)).status).toBe(status);
});

test('a name that was told is ours, and writing from elsewhere is refused as well', async () => {
  const http = app({ hosts: ['shop.example'] });
  await http.get(shop).set({ Host: 'Shop.example', Origin: 'https://shop.example' }).expect(200);
  const foreign = { Host: 'shop.example', Origin: 'https://other.example', 'Content-Type': 'application/json' };
  await http.post(`${API_PREFIX}/assets`).set(foreign).send('{}').expect(403);
});

test('the writer works, but changes nothing that is recorded and no table', async () => {
  const cluster = new URL(process.env.TEST_CLUSTER_URL!);
  const database = harness.sequelize.getDatabaseName();
  const writerUrl = `postgres://writer_of_${database}:it%27s@${cluster.host}/${database}`;
  await allowWriter(harness.sequelize, writerUrl);
  await allowWriter(harness.sequelize, writerUrl);
  const { id } = await case1(harness);
  const writer = connect(writerUrl, (error) => {
    throw error;
  });
  try {
    const may = async (sql: string) =>
      writer.query(sql).then(
        () => 'done',
        (error: Error) => error.message,
      );
    expect(await may(`UPDATE hole SET revision = revision WHERE id = '${id}'`)).toBe('done');
    expect(await may(`SELECT count(*) FROM event`)).toBe('done');
    for (const sql of [
      `UPDATE event SET kind = 'x'`,
      `DELETE FROM event`,
      `TRUNCATE event CASCADE`,
      `DELETE FROM plan`,
      `DELETE FROM hole WHERE id = '${id}'`,
      `ALTER TABLE event DISABLE TRIGGER ALL`,
      `DROP TABLE event`,
      `CREATE TABLE mine (a integer)`,
    ])
      expect(await may(sql)).toMatch(/permission denied|must be owner/);
  } finally {
    await writer.close();
    // The models work for the owner again.
    connect(`${process.env.TEST_CLUSTER_URL!}/${database}`, () => undefined);
  }
});

test('nobody empties the record at once, its owner neither', async () => {
  for (const table of ['event', 'plan'])
    await expect(harness.sequelize.query(`TRUNCATE ${table} CASCADE`)).rejects.toThrow('append-only');
});

test('a row of one shop cannot refer to another’s', async () => {
  const other = await harness.otherShop();
  const { id } = await case1(harness);
  const shopId = ((await harness.sequelize.query('SELECT id FROM shop')) as [{ id: string }[], unknown])[0].find(
    (row) => row.id !== harness.context.shopId,
  )!.id;
  await expect(
    harness.sequelize.query(
      `INSERT INTO mend (id, shop_id, hole_id, opened_at, closed_at) VALUES (gen_random_uuid(), :shopId, :id, now(), now())`,
      { replacements: { shopId, id } },
    ),
  ).rejects.toThrow(/mend_hole_id_fkey/);
  expect((await other.get(`/holes/${id}`)).status).toBe(404);
});

test('the log holds what broke and nothing that somebody typed', async () => {
  const lines: string[] = [];
  const logger = pino({ serializers: { err: errorToLog } }, { write: (line: string) => void lines.push(line) });
  const failed = await harness.sequelize
    .query('INSERT INTO actor (id, name) VALUES (:id, :name)', { replacements: { id: 'x', name: 'Secret Person' } })
    .catch((error: unknown) => error);
  logger.error({ err: failed }, 'request failed');
  expect(lines[0]).toContain('"code":"22P02"');
  expect(lines[0]).not.toContain('Secret Person');
});

test('every request has an id, which a proxy may give; figures count by pattern, not by hole', async () => {
  const metrics = createMetrics();
  const http = app({ count: metrics.count });
  const given = await http.get(shop).set('X-Request-Id', 'proxy-1234');
  expect(given.headers['x-request-id']).toBe('proxy-1234');
  expect((await http.get(shop)).headers['x-request-id']).toMatch(/^[0-9a-f-]{36}$/);
  const { id } = await case1(harness);
  await http.get(`${API_PREFIX}/holes/${id}`).expect(200);
  const text = (await supertest(metrics.server).get('/metrics')).text;
  expect(text).toContain(`route="${API_PREFIX}/holes/:id",status="200"`);
  expect(text).not.toContain(id);
  expect((await supertest(metrics.server).get('/other')).status).toBe(404);
});

test('an event says whether it came with the demo', async () => {
  const { context } = harness;
  const body = (id: string) => ({ id, name: 'Hole 1', faceId: null, mend: null, happenedAt });
  const [ours, demo] = [v7(), v7()];
  await harness.post('/holes', body(ours)).expect(200);
  await context.sequelize.transaction((tx) => addHole({ ...context, origin: 'demo' }, body(demo), tx));
  const origins = await EventRow.findAll({ where: { id: [ours, demo] }, raw: true });
  expect(Object.fromEntries(origins.map(({ id, origin }) => [id, origin]))).toEqual({
    [ours]: 'entered',
    [demo]: 'demo',
  });
});
