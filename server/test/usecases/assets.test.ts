import { v7 } from 'uuid';
import { Once } from '../../src/store/models.ts';
import { forgetOldKeys } from '../../src/usecases/once.ts';
import { happenedAt, startHarness, type Harness } from '../harness.ts';

let harness: Harness;
let other: Awaited<ReturnType<Harness['otherShop']>>;
beforeAll(async () => {
  harness = await startHarness();
  other = await harness.otherShop();
});
afterAll(() => harness.stop());

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

test('an id that is taken is refused, for an asset and for a face', async () => {
  const [assetId, faceId] = [v7(), v7()];
  await harness.post('/assets', { id: assetId, name: 'Pump' }).expect(200);
  await harness.post(`/assets/${assetId}/faces`, { id: faceId, name: 'Head' }).expect(200);
  const again = await harness.post('/assets', { id: assetId, name: 'Other pump' });
  expect([again.status, again.body.fields[0].path]).toEqual([422, 'id']);
  const face = await harness.post(`/assets/${assetId}/faces`, { id: faceId, name: 'Sump' });
  expect([face.status, face.body.fields[0].path]).toEqual([422, 'id']);
  const { faces } = (await harness.get(`/assets/${assetId}`).expect(200)).body;
  expect(faces.map((row: { name: string }) => row.name)).toEqual(['Head']);
});

test('another shop sees no asset of this one, and puts no face on it', async () => {
  const assetId = v7();
  await harness.post('/assets', { id: assetId, name: 'Lathe' }).expect(200);
  expect((await other.get('/assets?search=lathe').expect(200)).body.items).toEqual([]);
  expect((await other.get(`/assets/${assetId}`)).status).toBe(404);
  expect((await other.post(`/assets/${assetId}/faces`, { id: v7(), name: 'Bed' })).status).toBe(404);
  expect((await harness.get(`/assets/${assetId}`).expect(200)).body.faces).toEqual([]);
});
