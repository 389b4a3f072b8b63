import {
  ENGINE_VERSION,
  foldHole,
  proposeRoutes,
  routeDigest,
  caseFromInputs,
  inputsOf,
  type HoleEvent,
} from '@deep-mend/core';
import type { ShopSettings } from '@deep-mend/contract';
import { v7 } from 'uuid';
import { Once, EventRow, HoleSummaryRow, Plan, ActorRow } from '../src/store/models.ts';
import { migrate } from '../src/store/migrate.ts';
import { rebuildSummaries } from '../src/usecases/holes/summary.ts';
import { case1, happenedAt, startHarness, type Harness } from './harness.ts';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.stop());

const reading = (mm: number) => ({
  id: v7(),
  kind: 'reading',
  payload: { quantity: 'edge', text: `${mm} mm`, notation: 'mm', mm, halfWidthMm: 0.05, instrument: 'caliper' },
  happenedAt,
});

async function routesOf(id: string) {
  const hole = (await harness.get(`/holes/${id}`).expect(200)).body;
  const settings = (await harness.get('/shop').expect(200)).body as ShopSettings;
  const built = caseFromInputs(inputsOf(foldHole(hole.events as HoleEvent[])), {
    rules: settings.rules,
    rack: { setIds: settings.drillSets, missingIds: settings.missingDrills },
  });
  if (!built.ok) throw new Error(built.missing.join());
  return { hole, routes: proposeRoutes(built.hole).routes };
}

async function frozen() {
  const made = await case1(harness);
  const { hole, routes } = await routesOf(made.id);
  const planId = v7();
  const body = { id: planId, mendId: made.mendId, routeId: routes[0]!.id, digest: routeDigest(routes[0]!), happenedAt };
  const reply = await harness.post(`/holes/${made.id}/plans`, body, { 'If-Match': `"${hole.revision}"` });
  return { ...made, planId, reply, route: routes[0]!, body };
}

test('health, readiness and the OpenAPI document answer', async () => {
  await harness.http.get('/healthz').expect(200);
  await harness.http.get('/readyz').expect(200);
  const document = (await harness.get('/openapi.json').expect(200)).body;
  expect(document.openapi).toBe('3.0.3');
});

test('an asset, a face, a hole: found again by search and in order', async () => {
  const assetId = v7();
  const faceId = v7();
  await harness.post('/assets', { id: assetId, name: 'Slipway winch', note: 'gearbox' }).expect(200);
  await harness.post(`/assets/${assetId}/faces`, { id: faceId, name: 'Sump face' }).expect(200);
  for (const name of ['Hole 2', 'Hole 1']) {
    await harness.post('/holes', { id: v7(), name, faceId, mend: null, happenedAt }).expect(200);
  }
  const found = (await harness.get('/assets?search=WINCH').expect(200)).body;
  expect(found.items).toEqual([
    { id: assetId, name: 'Slipway winch', note: 'gearbox', faces: 1, holes: 2, openMends: 0 },
  ]);
  const detail = (await harness.get(`/assets/${assetId}`).expect(200)).body;
  expect(detail.faces[0].holes.map((hole: { name: string }) => hole.name)).toEqual(['Hole 1', 'Hole 2']);
  expect((await harness.get('/assets?search=%25').expect(200)).body.items).toEqual([]);
});

test('pages go on where the last one ended', async () => {
  for (const name of ['Page a', 'Page b', 'Page c']) await harness.post('/assets', { id: v7(), name }).expect(200);
  const first = (await harness.get('/assets?search=page&limit=2').expect(200)).body;
  expect(first.items.map((row: { name: string }) => row.name)).toEqual(['Page a', 'Page b']);
  const second = (await harness.get(`/assets?search=page&limit=2&cursor=${first.next}`).expect(200)).body;
  expect(second.items.map((row: { name: string }) => row.name)).toEqual(['Page c']);
  expect(second.next).toBeNull();
  expect((await harness.get('/assets?cursor=nonsense')).status).toBe(400);
});

test('a repeated Idempotency-Key records once and answers the same; with another body it is refused', async () => {
  const { id } = await case1(harness);
  const key = v7();
  const body = reading(31);
  const answers = await Promise.all(
    [1, 2, 3].map(() => harness.post(`/holes/${id}/events`, body, { 'Idempotency-Key': key })),
  );
  expect(answers.map((answer) => answer.status)).toEqual([200, 200, 200]);
  expect(answers[1]!.body).toEqual(answers[0]!.body);
  expect(await EventRow.count({ where: { id: body.id } })).toBe(1);
  expect(await Once.count({ where: { key } })).toBe(1);
  const other = await harness.post(`/holes/${id}/events`, reading(32), { 'Idempotency-Key': key });
  expect([other.status, other.body.type]).toEqual([422, 'urn:deep-mend:key-reused']);
});

test('two editors: readings never conflict, the second choice sees both sides', async () => {
  const { id, revision } = await case1(harness);
  const seen = { 'If-Match': `"${revision}"` };
  await Promise.all([31, 32, 33].map((mm) => harness.post(`/holes/${id}/events`, reading(mm)).expect(200)));
  const choose = (value: string) => ({ id: v7(), kind: 'choice', payload: { field: 'parentId', value }, happenedAt });
  await harness.post(`/holes/${id}/events`, choose('brass'), seen).expect(200);
  const second = await harness.post(`/holes/${id}/events`, choose('bronze'), seen);
  expect(second.status).toBe(409);
  expect(second.body).toMatchObject({ yours: { value: 'bronze' }, theirs: { value: 'brass' } });
  expect((await harness.post(`/holes/${id}/events`, choose('bronze'))).status).toBe(428);
  const events = (await harness.get(`/holes/${id}`).expect(200)).body.events as { seq: number }[];
  expect(events.map((event) => event.seq)).toEqual(events.map((_, index) => index + 1));
});

test('an attempt at freeing is recorded in its open mend, needs no revision, and frees the hole', async () => {
  const { id, mendId } = await case1(harness);
  const attempt = (payload: object) => ({ id: v7(), kind: 'attempt', payload, happenedAt });
  const tried = { mendId, means: 'heat-soak', outcome: 'freed', note: 'second round' };
  const { body } = await harness.post(`/holes/${id}/events`, attempt(tried)).expect(200);
  const last = (body as { events: { kind: string; class: string; payload: object }[] }).events.at(-1)!;
  expect(last).toMatchObject({ kind: 'attempt', payload: tried });
  expect((await harness.post(`/holes/${id}/events`, attempt({ ...tried, mendId: v7() }))).status).toBe(422);
  expect((await harness.post(`/holes/${id}/events`, attempt({ ...tried, means: 'dynamite' }))).status).toBe(400);
});

test('the server freezes what it computes itself, and shows a mismatch', async () => {
  const { id, planId, reply, route, body } = await frozen();
  expect(reply.status).toBe(200);
  const stored = await Plan.findByPk(planId, { raw: true });
  expect(stored).toMatchObject({
    engineVersion: ENGINE_VERSION,
    numbers: { routeId: route.id, numbers: { drillId: '8.3 mm' } },
  });
  const revision = { 'If-Match': `"${reply.body.revision}"` };
  const wrong = await harness.post(`/holes/${id}/plans`, { ...body, id: v7(), digest: 'f'.repeat(64) }, revision);
  expect(wrong.status).toBe(409);
  expect(wrong.body.theirs).toMatchObject({ drillId: '8.3 mm' });
  const out = await harness.post(
    `/holes/${id}/plans`,
    { ...body, id: v7(), routeId: 'wire-coil:M8x1.25:1D' },
    revision,
  );
  expect(out.status).toBe(409);
  expect(
    (await harness.post(`/holes/${id}/plans`, { ...body, id: v7(), routeId: 'no-such-route' }, revision)).status,
  ).toBe(422);
});

test('a mend ends with what was measured, makes the next generation, and events cannot be changed', async () => {
  const { id, mendId, planId, reply } = await frozen();
  const close = {
    id: v7(),
    kind: 'mend-closed',
    payload: { mendId, outcome: 'mended', note: '', secondSignedBy: null },
    happenedAt,
  };
  const now = { 'If-Match': `"${reply.body.revision}"` };
  expect((await harness.post(`/holes/${id}/events`, close, now)).status).toBe(422);
  const result = {
    mendId,
    planId,
    results: [
      { id: 'bore', mm: 8.36 },
      { id: 'gauge', passed: true },
    ],
    note: 'sharp tap',
  };
  const after = await harness
    .post(`/holes/${id}/events`, { id: v7(), kind: 'result', payload: result, happenedAt }, now)
    .expect(200);
  const closed = await harness
    .post(`/holes/${id}/events`, close, { 'If-Match': `"${after.body.revision}"` })
    .expect(200);
  const file = foldHole(closed.body.events as HoleEvent[]);
  expect(file.generations.map((g) => [g.number, g.method])).toEqual([
    [0, 'as-made'],
    [1, 'wire-coil'],
  ]);
  expect((await harness.get('/mends?state=closed').expect(200)).body.items[0]).toMatchObject({
    id,
    generation: 1,
    lastOutcome: 'mended',
  });
  await expect(harness.sequelize.query(`UPDATE event SET kind = 'x' WHERE hole_id = '${id}'`)).rejects.toThrow(
    'append-only',
  );
  await expect(harness.sequelize.query(`DELETE FROM plan WHERE id = '${planId}'`)).rejects.toThrow('append-only');
});

test('a hole that can hurt someone is not signed off by one person', async () => {
  const { id, mendId, planId, reply } = await frozen();
  let revision = reply.body.revision as number;
  const send = async (kind: string, payload: object) => {
    const answer = await harness.post(
      `/holes/${id}/events`,
      { id: v7(), kind, payload, happenedAt },
      { 'If-Match': `"${revision}"` },
    );
    revision = (answer.body.revision as number | undefined) ?? revision;
    return answer;
  };
  await send('choice', { field: 'duty', value: 'can-hurt' });
  await send('result', { mendId, planId, results: [], note: '' });
  const close = (secondSignedBy: string | null) =>
    send('mend-closed', { mendId, outcome: 'mended', note: '', secondSignedBy });
  const people = await ActorRow.findAll({ raw: true });
  const person = (name: string) => people.find((row) => row.name === name)!.id;
  expect((await close(null)).body.fields[0].path).toBe('payload.secondSignedBy');
  expect((await close(person('Mechanic B'))).status).toBe(422);
  expect((await close(person('Lead hand'))).status).toBe(200);
});

test('a reading moves to the right hole, one is struck out, a loose part is filed: both holes keep the trace', async () => {
  const wrong = await case1(harness);
  const right = await case1(harness);
  const moved = reading(13.5);
  await harness.post(`/holes/${wrong.id}/events`, moved).expect(200);
  const move = {
    id: v7(),
    newReadingId: v7(),
    readingId: moved.id,
    toHoleId: right.id,
    reason: 'hole 5, not 4',
    happenedAt,
  };
  const source = foldHole(
    (await harness.post(`/holes/${wrong.id}/moves`, move).expect(200)).body.events as HoleEvent[],
  );
  expect(source.live.edge?.mm).toBe(30);
  expect(source.readings.find((r) => r.id === moved.id)).toMatchObject({ state: 'moved', reason: 'hole 5, not 4' });
  const target = foldHole((await harness.get(`/holes/${right.id}`)).body.events as HoleEvent[]);
  expect(target.live.edge).toMatchObject({ mm: 13.5, movedFrom: { holeId: wrong.id } });
  const strike = {
    id: v7(),
    kind: 'reading-struck',
    payload: { readingId: move.newReadingId, reason: 'caliper not zeroed' },
    happenedAt,
  };
  const struck = await harness.post(`/holes/${right.id}/events`, strike).expect(200);
  expect(foldHole(struck.body.events as HoleEvent[]).live.edge?.mm).toBe(30);

  const assetId = v7();
  const faceId = v7();
  await harness.post('/assets', { id: assetId, name: 'Standby generator' }).expect(200);
  await harness.post(`/assets/${assetId}/faces`, { id: faceId, name: 'Head' }).expect(200);
  const file = { id: v7(), kind: 'filed', payload: { name: 'Hole 9', faceId }, happenedAt };
  const filed = await harness
    .post(`/holes/${right.id}/events`, file, { 'If-Match': `"${struck.body.revision}"` })
    .expect(200);
  expect(filed.body.place).toMatchObject({ assetName: 'Standby generator', faceName: 'Head' });
  expect(filed.body.events.length).toBeGreaterThan(10);
});

test('summaries are a cache: dropped and rebuilt they are the same', async () => {
  await case1(harness);
  const before = await HoleSummaryRow.findAll({ order: [['holeId', 'ASC']], raw: true });
  await HoleSummaryRow.destroy({ where: {} });
  expect(await rebuildSummaries(harness.context)).toBe(before.length);
  expect(await HoleSummaryRow.findAll({ order: [['holeId', 'ASC']], raw: true })).toEqual(before);
});

test('settings need the revision that was seen', async () => {
  const shop = await harness.get('/shop').expect(200);
  const saved = await harness
    .put('/shop', { ...shop.body, setUp: true }, { 'If-Match': shop.headers.etag! })
    .expect(200);
  expect(saved.body.setUp).toBe(true);
  expect((await harness.put('/shop', shop.body, { 'If-Match': shop.headers.etag! })).status).toBe(409);
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
