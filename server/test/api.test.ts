import { ENGINE_VERSION, foldHole, inputsOf, routeDigest, weigh, type StoredEvent } from '@deep-mend/core';
import type { ShopSettings } from '@deep-mend/contract';
import { v7 } from 'uuid';
import { Once, EventRow, HoleHeadRow, HoleSummaryRow, Plan, ActorRow } from '../src/store/models.ts';
import { forgetOldKeys } from '../src/usecases/once.ts';
import { migrate } from '../src/store/migrate.ts';
import { rebuildSummaries } from '../src/usecases/holes/summary.ts';
import { case1, happenedAt, startHarness, writer, type Harness } from './harness.ts';

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
  const weighed = weigh(inputsOf(foldHole(hole.events as StoredEvent[])), {
    rules: settings.rules,
    rack: { setIds: settings.drillSets, missingIds: settings.missingDrills },
  });
  if (!weighed.ok) throw new Error(weighed.missing.join());
  return { hole, routes: weighed.proposal.routes };
}

const fileOf = async (id: string) =>
  foldHole((await harness.get(`/holes/${id}`).expect(200)).body.events as StoredEvent[]);

async function frozen(given?: Awaited<ReturnType<typeof case1>>) {
  const made = given ?? (await case1(harness));
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

test('an event’s id is its key: told again it is recorded once, for something else it is refused', async () => {
  const { id } = await case1(harness);
  const body = reading(31);
  const answers = await Promise.all([1, 2, 3].map(() => harness.post(`/holes/${id}/events`, body)));
  expect(answers.map((answer) => answer.status)).toEqual([200, 200, 200]);
  expect(answers[1]!.body.revision).toBe(answers[0]!.body.revision);
  expect(await EventRow.count({ where: { id: body.id } })).toBe(1);
  const other = await harness.post(`/holes/${id}/events`, { ...reading(32), id: body.id });
  expect([other.status, other.body.type]).toEqual([422, 'urn:deep-mend:id-reused']);
  const hole = { id: v7(), name: 'Hole 7', faceId: null, mend: { id: v7(), what: 'stripped' }, happenedAt };
  // A client that lost the answer tells it again while the first call may still be under way.
  const told = await Promise.all([1, 2, 3, 4].map(() => harness.post('/holes', hole).expect(200)));
  for (const { body: same } of told) expect(same).toEqual(told[0]!.body);
  expect((await harness.post('/holes', { ...hole, name: 'Hole 8' })).status).toBe(422);
});

test('a write answers with what came since the revision that the client named', async () => {
  const { id, revision } = await case1(harness);
  await harness.post(`/holes/${id}/events`, reading(31)).expect(200);
  const { body } = await harness.post(`/holes/${id}/events`, reading(32), { 'If-Match': `"${revision}"` }).expect(200);
  expect(body).toMatchObject({ since: revision, revision: revision + 2 });
  expect((body.events as StoredEvent[]).map((event) => event.seq)).toEqual([revision + 1, revision + 2]);
  const own = await harness.post(`/holes/${id}/events`, reading(33)).expect(200);
  expect(own.body.events).toHaveLength(1);
});

test('what a newer build wrote is named, never taken for what this one knows', async () => {
  const { id } = await case1(harness);
  expect((await harness.post(`/holes/${id}/events`, { ...reading(31), payloadVersion: 1 })).status).toBe(200);
  const newer = await harness.post(`/holes/${id}/events`, { ...reading(31), payloadVersion: 9 });
  expect([newer.status, newer.body.type]).toEqual([409, 'urn:deep-mend:other-build']);
});

test('a thing without events is done once per Idempotency-Key; another body under the key is refused', async () => {
  const key = v7();
  const asset = { id: v7(), name: 'Cold store' };
  const answers = await Promise.all([1, 2].map(() => harness.post('/assets', asset, { 'Idempotency-Key': key })));
  expect(answers.map((answer) => answer.status)).toEqual([200, 200]);
  expect(answers[1]!.body).toEqual(answers[0]!.body);
  expect(await Once.count({ where: { key } })).toBe(1);
  const other = await harness.post('/assets', { ...asset, name: 'Other' }, { 'Idempotency-Key': key });
  expect([other.status, other.body.type]).toEqual([422, 'urn:deep-mend:key-reused']);
  await forgetOldKeys(new Date('2027-12-01T00:00:00Z'));
  expect(await Once.count({ where: { key } })).toBe(0);
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
  expect(stored).toMatchObject({ engineVersion: ENGINE_VERSION, kind: 'mend', inputs: null });
  const event = await EventRow.findByPk(planId, { raw: true });
  expect(event!.payload).toMatchObject({
    plan: { routeId: route.id, numbers: { drillId: '8.3 mm' }, seal: expect.stringMatching(/^[0-9a-f]{64}$/) },
    inputs: { choices: { threadId: 'M8x1.25' }, rack: { setIds: ['metric-tenths', 'metric-halves'] } },
  });
  expect((await harness.post(`/holes/${id}/plans`, body, { 'If-Match': '"1"' })).status).toBe(200);
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

test('nothing is recorded as cut before it is looked at, and a look belongs to its plan', async () => {
  const made = await case1(harness);
  await made.append('choice', { field: 'crack', value: null });
  const { id, mendId, planId, reply } = await frozen(made);
  const { send } = writer(harness, id, reply.body.revision as number);
  const result = { mendId, planId, results: [], note: '' };
  expect((await send('result', result)).body.detail).toContain('Look first');
  expect((await send('looked', { mendId, planId: v7(), ticks: ['crack'] })).status).toBe(422);
  expect((await send('looked', { mendId, planId, ticks: ['crack'] })).status).toBe(200);
  expect((await send('result', result)).status).toBe(200);
});

test('nothing is recorded as cut while something is stuck in the hole', async () => {
  const { id, mendId, planId, reply } = await frozen();
  const { send } = writer(harness, id, reply.body.revision as number);
  expect((await send('choice', { field: 'stuck', value: 'tap' })).status).toBe(200);
  const refused = await send('result', { mendId, planId, results: [], note: '' });
  expect([refused.status, refused.body.detail]).toEqual([422, expect.stringContaining('stuck in this hole')]);
});

test('a mend ends with what was measured, makes the next generation, and events cannot be changed', async () => {
  const { id, mendId, planId, reply } = await frozen();
  const { send } = writer(harness, id, reply.body.revision as number);
  const close = () => send('mend-closed', { mendId, outcome: 'mended', note: '', secondSignedBy: null });
  expect((await close()).status).toBe(422);
  const results = [
    { id: 'bore', mm: 8.36 },
    { id: 'gauge', passed: true },
  ];
  expect((await send('result', { mendId, planId, results, note: 'sharp tap' })).status).toBe(200);
  const closed = await close();
  expect(closed.status).toBe(200);
  expect(closed.body.events).toHaveLength(1);
  const file = await fileOf(id);
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
  const { send } = writer(harness, id, reply.body.revision as number);
  await send('choice', { field: 'duty', value: 'can-hurt' });
  const result = { mendId, planId, results: [], note: '' };
  expect((await send('result', result)).body.detail).toContain('release');
  const release = { mendId, role: 'maker', by: 'Maker’s desk', reference: 'R 12', allows: 'a coil, 2 D' };
  expect((await send('released', { ...release, date: '2999-01-01' })).body.fields[0].path).toBe('payload.date');
  expect((await send('released', { ...release, date: '2024-13-01' })).status).toBe(400);
  expect((await send('released', { ...release, date: '2024-02-01' })).status).toBe(200);
  await send('choice', { field: 'doNotUse', value: true });
  expect((await send('result', result)).body.detail).toContain('do not use');
  await send('choice', { field: 'doNotUse', value: false });
  const gauged = { id: 'gauge', passed: true };
  expect((await send('result', { ...result, results: [gauged] })).status).toBe(200);
  const close = (secondSignedBy: string | null) =>
    send('mend-closed', { mendId, outcome: 'mended', note: '', secondSignedBy });
  // Before anyone signs it is proved under load, and what let go is not signed away.
  expect((await close(null)).body.detail).toContain('proof load');
  const proved = (passed: boolean) => send('result', { ...result, results: [gauged, { id: 'proof-load', passed }] });
  expect((await proved(false)).status).toBe(200);
  expect((await close(null)).body.detail).toContain('did not pass');
  expect((await proved(true)).status).toBe(200);
  const people = await ActorRow.findAll({ raw: true });
  const person = (name: string) => people.find((row) => row.name === name)!.id;
  expect((await close(null)).body.fields[0].path).toBe('payload.secondSignedBy');
  expect((await close(person('Mechanic B'))).status).toBe(422);
  expect((await close(person('Lead hand'))).status).toBe(200);
});

test('a hole set to “do not use” says so in every list, and no plan of it is cut until that is taken back', async () => {
  const { id, mendId, planId, reply } = await frozen();
  const { send } = writer(harness, id, reply.body.revision as number);
  const listed = async () =>
    ((await harness.get('/mends?state=open').expect(200)).body.items as { id: string; doNotUse: boolean }[]).find(
      (row) => row.id === id,
    )!.doNotUse;
  expect(await listed()).toBe(false);
  await send('choice', { field: 'doNotUse', value: true });
  expect(await listed()).toBe(true);
  const result = await send('result', { mendId, planId, results: [{ id: 'gauge', passed: true }], note: '' });
  expect([result.status, result.body.fields[0].path]).toEqual([422, 'payload.results']);
  await send('choice', { field: 'doNotUse', value: false });
  expect(await listed()).toBe(false);
});

test('a release needs a name, a reference and what it allows, and belongs to the mend that is open', async () => {
  const { id, mendId, reply } = await frozen();
  const { send } = writer(harness, id, reply.body.revision as number);
  const release = { mendId, role: 'engineer', by: 'Desk', reference: 'R 1', date: '2026-01-02', allows: 'a coil' };
  for (const wrong of [{ by: '' }, { reference: '  ' }, { allows: '' }, { role: 'foreman' }, { date: 'yesterday' }])
    expect([wrong, (await send('released', { ...release, ...wrong })).status]).toEqual([wrong, 400]);
  expect((await send('released', { ...release, mendId: v7() })).status).toBe(422);
  expect((await send('released', release)).status).toBe(200);
  expect((await fileOf(id)).mends.at(-1)!.release).toMatchObject({ role: 'engineer', by: 'Desk', reference: 'R 1' });
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
  await harness.post(`/holes/${wrong.id}/moves`, move).expect(200);
  await harness.post(`/holes/${wrong.id}/moves`, move).expect(200);
  const source = await fileOf(wrong.id);
  expect(source.live.edge?.mm).toBe(30);
  expect(source.readings.find((r) => r.id === moved.id)).toMatchObject({ state: 'moved', reason: 'hole 5, not 4' });
  const target = await fileOf(right.id);
  expect(target.live.edge).toMatchObject({ mm: 13.5, movedFrom: { holeId: wrong.id } });
  const strike = {
    id: v7(),
    kind: 'reading-struck',
    payload: { readingId: move.newReadingId, reason: 'caliper not zeroed' },
    happenedAt,
  };
  const struck = await harness.post(`/holes/${right.id}/events`, strike).expect(200);
  expect((await fileOf(right.id)).live.edge?.mm).toBe(30);
  expect((await harness.post(`/holes/${right.id}/events`, { ...strike, id: v7() })).status).toBe(422);

  const assetId = v7();
  const faceId = v7();
  await harness.post('/assets', { id: assetId, name: 'Standby generator' }).expect(200);
  await harness.post(`/assets/${assetId}/faces`, { id: faceId, name: 'Head' }).expect(200);
  const file = { id: v7(), kind: 'filed', payload: { name: 'Hole 9', faceId }, happenedAt };
  const filed = await harness
    .post(`/holes/${right.id}/events`, file, { 'If-Match': `"${struck.body.revision}"` })
    .expect(200);
  expect(filed.body.events.at(-1)).toMatchObject({ kind: 'filed', payload: { faceId } });
  expect((await harness.get(`/holes/${right.id}`)).body.place).toMatchObject({
    assetName: 'Standby generator',
    faceName: 'Head',
  });
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
