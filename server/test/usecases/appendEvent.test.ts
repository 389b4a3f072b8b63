import type { StoredEvent } from '@deep-mend/core';
import { v7 } from 'uuid';
import { EventRow } from '../../src/store/models.ts';
import { case1, happenedAt, reading, startHarness, type Harness } from '../harness.ts';

let harness: Harness;
let other: Awaited<ReturnType<Harness['otherShop']>>;
beforeAll(async () => {
  harness = await startHarness();
  other = await harness.otherShop();
});
afterAll(() => harness.stop());

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

test('two editors: readings never conflict, the second choice sees both sides', async () => {
  const { id, revision } = await case1(harness);
  const seen = { 'If-Match': `"${revision}"` };
  await Promise.all([31, 32, 33].map((mm) => harness.post(`/holes/${id}/events`, reading(mm)).expect(200)));
  const choose = (value: string) => ({ id: v7(), kind: 'choice', payload: { field: 'parentId', value }, happenedAt });
  await harness.post(`/holes/${id}/events`, choose('brass'), seen).expect(200);
  const second = await harness.post(`/holes/${id}/events`, choose('bronze'), seen);
  expect(second.status).toBe(409);
  expect(second.body).toMatchObject({
    yours: { kind: 'choice', payload: { value: 'bronze' } },
    theirs: { kind: 'choice', payload: { value: 'brass' }, actor: 'Mechanic A' },
  });
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

test('nothing is recorded on a hole of another shop, nor seen there', async () => {
  const { id, revision } = await case1(harness);
  expect((await other.post(`/holes/${id}/events`, reading(31))).status).toBe(404);
  expect((await other.get(`/holes/${id}`)).status).toBe(404);
  expect((await harness.get(`/holes/${id}`)).body.revision).toBe(revision);
});

test('an id that another shop used is refused, and nothing of that shop is told', async () => {
  const { id } = await case1(harness);
  const told = reading(31);
  await harness.post(`/holes/${id}/events`, told).expect(200);
  const theirs = v7();
  await other.post('/holes', { id: theirs, name: 'Hole 1', faceId: null, mend: null, happenedAt }).expect(200);
  const refused = await other.post(`/holes/${theirs}/events`, told);
  expect([refused.status, refused.body.type]).toEqual([422, 'urn:deep-mend:id-reused']);
  expect(JSON.stringify(refused.body)).not.toContain(id);
});

test.each([
  ['a reading of nothing', { quantity: 'mood' }, 'payload.quantity'],
  ['a text of a thousand letters', { text: 'x'.repeat(1000) }, 'payload.text'],
  ['a doubt below nothing', { halfWidthMm: -1 }, 'payload.halfWidthMm'],
])('%s is refused at its field', async (_, wrong, path) => {
  const { id } = await case1(harness);
  const told = reading(31);
  const refused = await harness.post(`/holes/${id}/events`, { ...told, payload: { ...told.payload, ...wrong } });
  expect([refused.status, refused.body.fields[0].path]).toEqual([400, path]);
});
