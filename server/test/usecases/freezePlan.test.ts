import { ENGINE_VERSION } from '@deep-mend/core';
import { v7 } from 'uuid';
import { EventRow, Plan } from '../../src/store/models.ts';
import { frozen, reading, startHarness, type Harness } from '../harness.ts';

let harness: Harness;
let other: Awaited<ReturnType<Harness['otherShop']>>;
beforeAll(async () => {
  harness = await startHarness();
  other = await harness.otherShop();
});
afterAll(() => harness.stop());

test('the server freezes what it computes itself, and shows a mismatch', async () => {
  const { id, planId, reply, route, body } = await frozen(harness);
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

test('what was added meanwhile is looked at before it is planned; the plan of before stays', async () => {
  const { id, reply, body } = await frozen(harness);
  const seen = { 'If-Match': `"${reply.body.revision}"` };
  await harness.post(`/holes/${id}/events`, reading(31)).expect(200);
  const late = await harness.post(`/holes/${id}/plans`, { ...body, id: v7() }, seen);
  expect([late.status, late.body.detail]).toEqual([409, expect.stringContaining('Look at the numbers again')]);
  expect(await Plan.count({ where: { holeId: id } })).toBe(1);
});

test('a plan belongs to the mend that is open', async () => {
  const { id, reply, body } = await frozen(harness);
  const seen = { 'If-Match': `"${reply.body.revision}"` };
  const refused = await harness.post(`/holes/${id}/plans`, { ...body, id: v7(), mendId: v7() }, seen);
  expect([refused.status, refused.body.fields[0].path]).toEqual([422, 'mendId']);
});

test('without the revision that was seen nothing is frozen; nor from another shop', async () => {
  const { id, reply, body } = await frozen(harness);
  expect((await harness.post(`/holes/${id}/plans`, { ...body, id: v7() })).status).toBe(428);
  const seen = { 'If-Match': `"${reply.body.revision}"` };
  expect((await other.post(`/holes/${id}/plans`, { ...body, id: v7() }, seen)).status).toBe(404);
  expect(await Plan.count({ where: { holeId: id } })).toBe(1);
});
