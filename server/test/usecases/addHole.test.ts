import { v7 } from 'uuid';
import { EventRow } from '../../src/store/models.ts';
import { happenedAt, startHarness, type Harness } from '../harness.ts';

let harness: Harness;
let other: Awaited<ReturnType<Harness['otherShop']>>;
beforeAll(async () => {
  harness = await startHarness();
  other = await harness.otherShop();
});
afterAll(() => harness.stop());

const hole = (changes: object = {}) => ({
  id: v7(),
  name: 'Hole 7',
  faceId: null,
  mend: { id: v7(), what: 'stripped' },
  happenedAt,
  ...changes,
});

test('a hole with its mend is there at once, in the list of what is under way and among loose parts', async () => {
  const made = hole({ name: 'Loose cover' });
  await harness.post('/holes', made).expect(200);
  const listed = (path: string) =>
    harness.get(path).then(({ body }) => (body.items as { id: string }[]).some(({ id }) => id === made.id));
  expect([
    await listed('/mends?state=open'),
    await listed('/holes?loose=true'),
    await listed('/mends?state=closed'),
  ]).toEqual([true, true, false]);
});

test('told again, with two at once, it is one hole with two events', async () => {
  const made = hole();
  const told = await Promise.all([1, 2, 3].map(() => harness.post('/holes', made)));
  expect(told.map(({ status }) => status)).toEqual([200, 200, 200]);
  expect(await EventRow.count({ where: { holeId: made.id } })).toBe(2);
  expect((await harness.post('/holes', { ...made, mend: { ...made.mend, what: 'snapped' } })).status).toBe(422);
});

test.each([
  ['a face that is not there', { faceId: v7() }, 422, 'faceId'],
  ['a name of nothing', { name: '   ' }, 400, 'name'],
  ['an id that is none', { id: 'hole-7' }, 400, 'id'],
])('%s is refused at its field', async (_, wrong, status, path) => {
  const refused = await harness.post('/holes', hole(wrong));
  expect([refused.status, refused.body.fields[0].path]).toEqual([status, expect.stringContaining(path)]);
});

test('no hole is filed on a face of another shop', async () => {
  const [assetId, faceId] = [v7(), v7()];
  await other.post('/assets', { id: assetId, name: 'Theirs' }).expect(200);
  await other.post(`/assets/${assetId}/faces`, { id: faceId, name: 'Head' }).expect(200);
  const made = hole({ faceId });
  expect((await harness.post('/holes', made)).status).toBe(422);
  expect((await harness.get(`/holes/${made.id}`)).status).toBe(404);
});
