import { v7 } from 'uuid';
import { HoleHeadRow, HoleSummaryRow } from '../src/store/models.ts';
import { migrate } from '../src/store/migrate.ts';
import { rebuildSummaries } from '../src/usecases/holes/summary.ts';
import { case1, startHarness, type Harness } from './harness.ts';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.stop());

test('health, readiness and the OpenAPI document answer', async () => {
  await harness.http.get('/healthz').expect(200);
  await harness.http.get('/readyz').expect(200);
  const document = (await harness.get('/openapi.json').expect(200)).body;
  expect(document.openapi).toBe('3.0.3');
});

test('summaries and heads are caches: dropped and rebuilt they are the same', async () => {
  await case1(harness);
  const read = () =>
    Promise.all([
      HoleSummaryRow.findAll({ order: [['holeId', 'ASC']], raw: true }),
      HoleHeadRow.findAll({ order: [['holeId', 'ASC']], raw: true }),
    ]);
  const before = await read();
  expect(await rebuildSummaries(harness.context)).toBe(before[0].length);
  expect(await read()).toEqual(before);
});

describe('bad requests are refused as problems, never as a 500', () => {
  test.each([
    ['malformed JSON', 'post', '/assets', '{"id":', 400],
    ['an unknown field', 'post', '/assets', JSON.stringify({ id: v7(), name: 'x', colour: 'red' }), 400],
    ['an empty name', 'post', '/assets', JSON.stringify({ id: v7(), name: '  ' }), 400],
    ['a body of 300 kB', 'post', '/assets', JSON.stringify({ id: v7(), name: 'x', note: 'x'.repeat(300_000) }), 413],
    ['no If-Match', 'put', '/shop', '{}', 400],
    ['a name with a zero byte', 'post', '/assets', JSON.stringify({ id: v7(), name: 'a\u0000b' }), 400],
  ] as const)('%s', async (_, method, path, body, status) => {
    const reply = await harness.http[method](`/api/v1${path}`)
      .set({ 'Content-Type': 'application/json', 'Idempotency-Key': v7() })
      .send(body);
    expect([reply.status, reply.headers['content-type']]).toEqual([status, expect.stringContaining('problem+json')]);
  });

  test('another media type, an unknown address, a wrong id', async () => {
    const form = await harness.http.post('/api/v1/assets').type('form').send({ name: 'x' });
    expect(form.status).toBe(415);
    expect((await harness.get('/nothing')).status).toBe(404);
    const cutOff = await harness.get('/holes/1');
    expect([cutOff.status, cutOff.body.detail]).toEqual([404, expect.stringContaining('Look for it by name')]);
    expect((await harness.get(`/holes/${v7()}`)).status).toBe(404);
    expect((await harness.get('/mends?limit=0')).status).toBe(400);
  });
});

test('migrations go down to nothing and up again', async () => {
  const other = await startHarness();
  await migrate(other.sequelize, 'down');
  const tables = await other.sequelize.getQueryInterface().showAllTables();
  expect(tables).toEqual(['migration']);
  await migrate(other.sequelize);
  await other.stop();
});
