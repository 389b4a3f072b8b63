import { startHarness, type Harness } from '../harness.ts';

let harness: Harness;
let other: Awaited<ReturnType<Harness['otherShop']>>;
beforeAll(async () => {
  harness = await startHarness();
  other = await harness.otherShop();
});
afterAll(() => harness.stop());

test('settings need the revision that was seen', async () => {
  const shop = await harness.get('/shop').expect(200);
  const saved = await harness
    .put('/shop', { ...shop.body, setUp: true }, { 'If-Match': shop.headers.etag! })
    .expect(200);
  expect(saved.body.setUp).toBe(true);
  expect((await harness.put('/shop', shop.body, { 'If-Match': shop.headers.etag! })).status).toBe(409);
});

test('the second of two people sees both versions, and what the first saved stands', async () => {
  const seen = await harness.get('/shop').expect(200);
  const revision = { 'If-Match': seen.headers.etag! };
  await harness.put('/shop', { ...seen.body, name: 'Boatyard' }, revision).expect(200);
  const second = await harness.put('/shop', { ...seen.body, name: 'Slipway' }, revision);
  expect([second.status, second.body.yours.name, second.body.theirs.name]).toEqual([409, 'Slipway', 'Boatyard']);
  expect((await harness.get('/shop')).body.name).toBe('Boatyard');
});

test('each shop has its own settings and people', async () => {
  const names = async (shop: Pick<Harness, 'get'>) =>
    ((await shop.get('/actors').expect(200)).body as { name: string }[]).map(({ name }) => name);
  const theirs = await other.get('/shop').expect(200);
  await other.put('/shop', { ...theirs.body, name: 'Over the road' }, { 'If-Match': theirs.headers.etag! }).expect(200);
  expect((await harness.get('/shop')).body.name).not.toBe('Over the road');
  expect([await names(harness), await names(other)]).toEqual([
    ['Lead hand', 'Mechanic A', 'Mechanic B'],
    ['Somebody else'],
  ]);
});

test.each([
  ['a drill set that nobody sells', { drillSets: ['golden'] }, 'drillSets'],
  ['a worn drill that cuts nothing', { wornDrills: [{ id: '8 mm', cutsMm: 0 }] }, 'wornDrills'],
  ['a shop without a name', { name: '' }, 'name'],
])('%s is refused at its field', async (_, wrong, path) => {
  const { body, headers } = await harness.get('/shop').expect(200);
  const refused = await harness.put('/shop', { ...body, ...wrong }, { 'If-Match': headers.etag! });
  expect([refused.status, refused.body.fields[0].path]).toEqual([400, expect.stringContaining(path)]);
});
