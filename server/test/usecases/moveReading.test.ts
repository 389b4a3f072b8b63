import { v7 } from 'uuid';
import { case1, fileOf, happenedAt, reading, startHarness, type Harness } from '../harness.ts';

let harness: Harness;
let other: Awaited<ReturnType<Harness['otherShop']>>;
beforeAll(async () => {
  harness = await startHarness();
  other = await harness.otherShop();
});
afterAll(() => harness.stop());

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
  const source = await fileOf(harness, wrong.id);
  expect(source.live.edge?.mm).toBe(30);
  expect(source.readings.find((r) => r.id === moved.id)).toMatchObject({ state: 'moved', reason: 'hole 5, not 4' });
  const target = await fileOf(harness, right.id);
  expect(target.live.edge).toMatchObject({ mm: 13.5, movedFrom: { holeId: wrong.id } });
  const strike = {
    id: v7(),
    kind: 'reading-struck',
    payload: { readingId: move.newReadingId, reason: 'caliper not zeroed' },
    happenedAt,
  };
  const struck = await harness.post(`/holes/${right.id}/events`, strike).expect(200);
  expect((await fileOf(harness, right.id)).live.edge?.mm).toBe(30);
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

/** A reading on one hole, and how to move it to another. */
async function movable() {
  const [from, to] = [await case1(harness), await case1(harness)];
  const told = reading(13.5);
  await harness.post(`/holes/${from.id}/events`, told).expect(200);
  const move = { id: v7(), newReadingId: v7(), readingId: told.id, toHoleId: to.id, reason: 'hole 5', happenedAt };
  return { from, to, move };
}

test.each([
  ['to the same hole', (move: object, from: string) => ({ ...move, toHoleId: from }), 422, 'toHoleId'],
  ['of a reading that is not there', (move: object) => ({ ...move, readingId: v7() }), 422, 'readingId'],
  ['without a reason', (move: object) => ({ ...move, reason: ' ' }), 400, 'reason'],
])('a move %s is refused at its field, and nothing moves', async (_, wrong, status, path) => {
  const { from, to, move } = await movable();
  const refused = await harness.post(`/holes/${from.id}/moves`, wrong(move, from.id));
  expect([refused.status, refused.body.fields[0].path]).toEqual([status, path]);
  expect((await fileOf(harness, from.id)).live.edge?.mm).toBe(13.5);
  expect((await fileOf(harness, to.id)).live.edge?.mm).toBe(30);
});

test('what was moved cannot be moved again', async () => {
  const { from, move } = await movable();
  await harness.post(`/holes/${from.id}/moves`, move).expect(200);
  const again = { ...move, id: v7(), newReadingId: v7() };
  expect((await harness.post(`/holes/${from.id}/moves`, again)).status).toBe(422);
});

test('no reading goes to a hole of another shop', async () => {
  const { from, move } = await movable();
  const theirs = v7();
  await other.post('/holes', { id: theirs, name: 'Hole 1', faceId: null, mend: null, happenedAt }).expect(200);
  expect((await harness.post(`/holes/${from.id}/moves`, { ...move, toHoleId: theirs })).status).toBe(404);
  expect((await other.get(`/holes/${theirs}`)).body.revision).toBe(1);
});
