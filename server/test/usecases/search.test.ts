import type { HoleSummary, Page } from '@deep-mend/contract';
import { v7 } from 'uuid';
import { waysToFind } from '../../src/usecases/search.ts';
import { happenedAt, startHarness, type Harness } from '../harness.ts';

let harness: Harness;
let faceId: string;
beforeAll(async () => {
  harness = await startHarness();
  const assetId = v7();
  faceId = v7();
  await harness.post('/assets', { id: assetId, name: 'Kittiwake, main engine' }).expect(200);
  await harness.post(`/assets/${assetId}/faces`, { id: faceId, name: 'Sump face' }).expect(200);
});
afterAll(() => harness.stop());

const add = async (name: string, more: object = {}) => {
  const body = { id: v7(), name, faceId: null, mend: null, happenedAt, ...more };
  await harness.post('/holes', body).expect(200);
  return body.id;
};
const list = async (query: string) => (await harness.get(`/holes?${query}`).expect(200)).body as Page<HoleSummary>;
const names = async (search: string) =>
  (await list(`search=${encodeURIComponent(search)}`)).items.map(({ name }) => name).sort();

test('one or two letters begin a word, three may stand anywhere; all words must be there', async () => {
  await add('Drain plug, M14', { faceId });
  await add('Übermaß 4');
  expect(await names('dr')).toEqual(['Drain plug, M14']);
  expect(await names('ug')).toEqual([]);
  expect(await names('lug')).toEqual(['Drain plug, M14']);
  expect(await names('KITTI sump plug')).toEqual(['Drain plug, M14']);
  expect(await names('kitti bronze')).toEqual([]);
  expect(await names('ÜBERM')).toEqual(['Übermaß 4']);
});

test('whole words come before what only begins so', async () => {
  for (const number of [7, 70, 71]) await add(`Bracket, hole ${number}`);
  expect(await names('bracket 7')).toEqual(['Bracket, hole 7']);
  expect(await names('brack 7')).toEqual(['Bracket, hole 7', 'Bracket, hole 70', 'Bracket, hole 71']);
});

test('nothing that somebody may type is read as a rule of the search', async () => {
  for (const text of ["'", "a' | 'b", '%', '_', '\\', ':*', '!&|()', '×', '\u00a0', 'a:b', "dr'ain"])
    expect(await names(text)).toEqual(expect.any(Array));
  expect(await names('%%%')).toEqual([]);
  expect(waysToFind('   ')).toEqual([]);
});

test('a hole is found by its code, written in either way', async () => {
  const id = await add('Cover, hole 9');
  const { code } = (await harness.get(`/holes/${id}`).expect(200)).body as { code: string };
  expect(code).toMatch(/^[2-9A-HJKMNP-Z]{8}$/);
  expect(await names(code.toLowerCase())).toEqual(['Cover, hole 9']);
  expect(await names(`${code.slice(0, 4)} ${code.slice(4)}`)).toEqual(['Cover, hole 9']);
});

test('long names and names in any script come once each, page after page', async () => {
  const made = ['İstanbul', 'ΣΑΣ', 'Ǆ', 'ß', 'ſ', `${'ﬃ'.repeat(120)}`, 'i̇', 'K', 'Å'].map((name) =>
    `zz ${name}`.slice(0, 120),
  );
  for (const name of made) await add(name);
  const seen: string[] = [];
  let cursor = '';
  for (let pages = 0; pages < 60; pages += 1) {
    const page = await list(`limit=2&loose=true${cursor}`);
    seen.push(...page.items.map(({ name }) => name));
    if (page.next === null) break;
    cursor = `&cursor=${page.next}`;
  }
  expect(seen.filter((name) => name.startsWith('zz ')).sort()).toEqual([...made].sort());
});

test('a search takes the first 500 that it finds, sorts them, pages through them, and says that there are more', async () => {
  await harness.sequelize.query(
    `WITH made AS (INSERT INTO hole (id, shop_id, revision)
       SELECT gen_random_uuid(), :shopId, 1 FROM generate_series(1, 620) RETURNING id)
     INSERT INTO hole_summary (hole_id, shop_id, name, generation, repairs, updated_at, revision)
       SELECT id, :shopId, 'Stud ' || row_number() OVER (), 0, 0, now(), 1 FROM made`,
    { replacements: { shopId: harness.context.shopId } },
  );
  const first = await list('search=stud&limit=100');
  expect([first.items.length, first.more]).toEqual([100, true]);
  const sorted = first.items.map(({ name }) => name.toLowerCase());
  expect(sorted).toEqual([...sorted].sort());
  let found = first.items.length;
  for (let { next } = first; next !== null;) {
    const page = await list(`search=stud&limit=100&cursor=${next}`);
    found += page.items.length;
    ({ next } = page);
  }
  expect(found).toBeLessThanOrEqual(501);
  expect(found).toBeGreaterThanOrEqual(500);
  expect((await list('search=drain')).more).toBe(false);
});

test('an asset shows the first holes of each face, and the way to the rest', async () => {
  const [assetId, face] = [v7(), v7()];
  await harness.post('/assets', { id: assetId, name: 'Long bed' }).expect(200);
  await harness.post(`/assets/${assetId}/faces`, { id: face, name: 'Bed' }).expect(200);
  for (let hole = 10; hole < 24; hole += 1) await add(`Hole ${hole}`, { faceId: face });
  const [shown] = (await harness.get(`/assets/${assetId}`).expect(200)).body.faces;
  expect([shown.count, shown.holes.length, shown.holes[0].name]).toEqual([14, 12, 'Hole 10']);
  const rest = await list(`face=${face}&cursor=${shown.next}`);
  expect(rest.items.map(({ name, assetName }) => [name, assetName])).toEqual([
    ['Hole 22', 'Long bed'],
    ['Hole 23', 'Long bed'],
  ]);
});

test('a clock that runs ahead is kept as it was told, and holds nothing on top of a list', async () => {
  const ahead = await add('Ahead', { mend: { id: v7(), what: '' }, happenedAt: '2031-01-01T08:00:00.000Z' });
  const { events } = (await harness.get(`/holes/${ahead}`).expect(200)).body;
  expect([events[0].happenedAt, events[0].recordedAt]).toEqual([
    '2031-01-01T08:00:00.000Z',
    '2026-11-23T08:00:00.000Z',
  ]);
  const { items } = (await harness.get('/mends?state=open').expect(200)).body as Page<HoleSummary>;
  expect(items.find(({ id }) => id === ahead)!.updatedAt).toBe('2026-11-23T08:00:00.000Z');
});

test('many who search take nothing from whoever reads: they wait for their own two sessions', async () => {
  const id = await add('Read beside searches');
  const slow = harness.context.searching.query('SELECT pg_sleep(1.2)');
  const slower = harness.context.searching.query('SELECT pg_sleep(1.2)');
  const searches = Array.from({ length: 20 }, () => names('drain'));
  const start = performance.now();
  await harness.get(`/holes/${id}`).expect(200);
  expect(performance.now() - start).toBeLessThan(1_000);
  await Promise.all([slow, slower, ...searches]);
});

test('a search that takes too long is ended and told so', async () => {
  const held = await harness.sequelize.transaction();
  await harness.sequelize.query('LOCK TABLE asset IN ACCESS EXCLUSIVE MODE', { transaction: held });
  const slow = await harness.get('/assets?search=long');
  await held.rollback();
  expect([slow.status, slow.body.type]).toEqual([422, 'urn:deep-mend:search-slow']);
  expect((await harness.get('/assets?search=long').expect(200)).body.items).toHaveLength(1);
});
