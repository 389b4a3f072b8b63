import { createServer, request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { v7 } from 'uuid';
import { case1, happenedAt, reading, startHarness, type Harness } from './harness.ts';

// Found by probing: each once answered 500, or was taken for what it is not.
let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.stop());

const HALF = '\ud800';
const asset = (changes: object) => harness.post('/assets', { id: v7(), name: 'Pump', ...changes });

test.each([
  ['half of a character in a name', { name: `a${HALF}b` }, 'name'],
  ['half of a character in a note', { note: HALF }, 'note'],
  ['a zero byte in a note', { note: 'a\u0000b' }, 'note'],
])('%s is refused at its field', async (_, changes, path) => {
  const { status, body } = await asset(changes);
  expect([status, body.fields[0].path]).toEqual([400, path]);
});

test.each([
  ['missingDrills', ['8\u0000mm']],
  ['singleDrills', [{ id: HALF, diameterMm: 8 }]],
  ['wornDrills', [{ id: 'a\nb', cutsMm: 8 }]],
])('a text in the shop’s %s that no database keeps is refused', async (field, value) => {
  const shop = await harness.get('/shop').expect(200);
  const saved = await harness.put('/shop', { ...shop.body, [field]: value }, { 'If-Match': shop.headers.etag! });
  expect([saved.status, saved.body.fields[0].path]).toEqual([400, expect.stringMatching(new RegExp(`^${field}`))]);
});

test('a year that is none is refused; one of long ago is kept', async () => {
  const { id } = await case1(harness);
  const at = (moment: string) => harness.post(`/holes/${id}/events`, { ...reading(31), happenedAt: moment });
  expect((await at('0000-01-01T00:00:00Z')).body.fields[0].path).toBe('happenedAt');
  expect((await at('1962-05-01T00:00:00Z')).status).toBe(200);
});

const cursor = (...parts: unknown[]) => Buffer.from(JSON.stringify(parts)).toString('base64url');
test.each([
  ['of another list', '/mends', cursor('name', 'pump', v7())],
  ['with no moment', '/mends', cursor('moment', 'soon', v7())],
  ['with a zero byte', '/assets', cursor('name', 'a\u0000', v7())],
  ['with half of a character', '/holes', cursor('name', HALF, v7())],
  ['with no id', '/holes', cursor('name', 'a', '-'.repeat(36))],
  ['of a page long ago', '/assets', cursor('pump', v7())],
  ['of nothing', '/assets', 'null'],
])('a cursor %s is refused', async (_, path, text) => {
  const { status, body } = await harness.get(`${path}?cursor=${text}`);
  expect([status, body.type]).toEqual([400, 'urn:deep-mend:cursor']);
});

test('a line break in a thread’s id is refused at its field', async () => {
  const { id, revision } = await case1(harness);
  const event = { id: v7(), kind: 'choice', payload: { field: 'threadId', value: 'M8x1.25\n' }, happenedAt };
  const { status, body } = await harness.post(`/holes/${id}/events`, event, { 'If-Match': `"${revision}"` });
  expect([status, body.fields[0].path]).toEqual([400, 'payload.value']);
});

test('a reading outside its quantity’s range, or that is not what its text says, is told and not recorded', async () => {
  const { id, revision } = await case1(harness);
  const told = (changes: object) => {
    const event = reading(31);
    return harness.post(`/holes/${id}/events`, { ...event, payload: { ...event.payload, ...changes } });
  };
  const bore = { quantity: 'bore-b', text: '0', mm: 0 };
  const [outside, other, slip] = [await told(bore), await told({ text: '31.5' }), await told({ text: 'wide' })];
  expect([outside.status, outside.body.fields[0].path]).toEqual([422, 'payload.mm']);
  expect([other.status, other.body.detail]).toEqual([422, '“31.5” is 31.5 mm, not 31 mm.']);
  expect([slip.status, slip.body.fields[0].path]).toEqual([422, 'payload.text']);
  expect((await told({ text: '1 1/4', notation: 'in', mm: 31.75 })).status).toBe(200);
  expect((await harness.get(`/holes/${id}`)).body.revision).toBe(revision + 1);
});

test('a revision that does not exist yet is none that anybody saw', async () => {
  const { id, revision } = await case1(harness);
  const { status, body } = await harness.post(`/holes/${id}/events`, reading(31), { 'If-Match': `"${revision + 5}"` });
  expect([status, body.theirs]).toEqual([409, revision]);
});

test('ids are the same in either case', async () => {
  const { id } = await case1(harness);
  expect((await harness.get(`/holes/${id.toUpperCase()}`).expect(200)).body.id).toBe(id);
  const event = reading(31);
  await harness.post(`/holes/${id}/events`, event).expect(200);
  const again = await harness.post(`/holes/${id}/events`, { ...event, id: event.id.toUpperCase() }).expect(200);
  expect(again.body.events.at(-1).id).toBe(event.id);
});

test('another method than an address takes answers 405 and names those that it does; HEAD asks without a body', async () => {
  const patched = await harness.http.patch('/api/v1/shop').type('json').send('{}');
  expect([patched.status, patched.body.type, patched.headers.allow]).toEqual([
    405,
    'urn:deep-mend:method',
    expect.stringContaining('PUT'),
  ]);
  const head = await harness.http.head('/api/v1/shop');
  expect([head.status, head.text ?? '']).toEqual([200, '']);
});

describe('over a socket', () => {
  let server: Server;
  beforeAll(async () => {
    server = createServer(harness.app.callback());
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  });
  afterAll(() => server.close());

  /** One request as no library would send it. */
  const raw = (path: string, headers: Record<string, string>, body?: Buffer): Promise<number> =>
    new Promise((resolve, reject) => {
      const { port } = server.address() as AddressInfo;
      const sent = request({ port, host: '127.0.0.1', path: `/api/v1${path}`, method: body ? 'POST' : 'GET', headers });
      sent.once('response', (reply) => resolve(reply.resume().statusCode!));
      sent.once('error', reject);
      sent.end(body);
    });

  test('a compressed body that is none', async () => {
    const headers = { 'content-type': 'application/json', 'content-encoding': 'gzip', 'idempotency-key': v7() };
    expect(await raw('/assets', headers, Buffer.from('not compressed'))).toBe(400);
  });

  test('a client that takes nothing as it is', async () => {
    // A long answer: short ones are never compressed.
    for (const coding of ['identity;q=0', '*;q=0'])
      expect(await raw('/openapi.json', { 'accept-encoding': coding })).toBe(200);
  });
});
