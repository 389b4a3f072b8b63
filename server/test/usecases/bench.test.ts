import { v7 } from 'uuid';
import { case1, fileOf, frozen, happenedAt, startHarness, writer, type Harness } from '../harness.ts';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.stop());

const later = (minutes: number) => new Date(harness.context.now().getTime() + minutes * 60_000).toISOString();

test('steps, a hand-over and what went stiff are told without a revision, under who did them', async () => {
  const { id, mendId, planId } = await frozen(harness);
  const tell = async (kind: string, payload: object) =>
    (await harness.post(`/holes/${id}/events`, { id: v7(), kind, payload: { mendId, ...payload }, happenedAt })).status;
  expect(await tell('step-done', { planId, stepId: 'drill', end: 'done', note: '', seconds: 90 })).toBe(200);
  expect(await tell('step-done', { planId, stepId: 'tap-1', end: 'otherwise', note: '' })).toBe(422);
  expect(await tell('step-done', { planId, stepId: 'tap-1', end: 'otherwise', note: 'first tap', turns: 9.5 })).toBe(
    200,
  );
  expect(
    await tell('went-stiff', { planId, stepId: 'tap-1', turns: 9.5, cause: 'packed', then: 'goes-on', note: '' }),
  ).toBe(200);
  expect(await tell('handed-over', { note: 'half way' })).toBe(200);
  expect(await tell('step-done', { mendId: v7(), planId, stepId: 'tap-1', end: 'done', note: '' })).toBe(422);
  const [mend] = (await fileOf(harness, id)).mends;
  expect(mend).toMatchObject({
    steps: [
      { stepId: 'drill', seconds: 90 },
      { stepId: 'tap-1', turns: 9.5, note: 'first tap' },
    ],
    stiff: [{ cause: 'packed', then: 'goes-on' }],
    handedOver: { note: 'half way', by: mend!.steps[0]!.actor },
  });
});

test('no step is told of a hole that may not be cut', async () => {
  const { id, mendId, planId, reply } = await frozen(harness);
  const { send } = writer(harness, id, reply.body.revision as number);
  expect((await send('choice', { field: 'stuck', value: 'tap' })).status).toBe(200);
  const refused = await send('step-done', { mendId, planId, stepId: 'drill', end: 'done', note: '' });
  expect([refused.status, refused.body.detail]).toEqual([422, expect.stringContaining('stuck in this hole')]);
});

test('waits of several holes are listed, the first due on top, until somebody ends them', async () => {
  const [one, two] = [await case1(harness), await case1(harness)];
  const tell = (hole: typeof one, kind: string, payload: object) =>
    harness.post(`/holes/${hole.id}/events`, {
      id: v7(),
      kind,
      payload: { mendId: hole.mendId, ...payload },
      happenedAt,
    });
  const [soak, cure] = [v7(), v7()];
  const start = (hole: typeof one, clockId: string, what: string, minutes: number) =>
    tell(hole, 'clock-started', { clockId, what, dueAt: later(minutes) });
  expect((await start(one, cure, 'cure', 600)).status).toBe(200);
  expect((await start(one, soak, 'soak', 20)).status).toBe(200);
  expect((await start(two, v7(), 'cool', -3)).status).toBe(200);
  expect((await start(two, v7(), 'for ever', 60 * 24 * 61)).status).toBe(422);
  const clocks = async () =>
    ((await harness.get('/clocks').expect(200)).body as { id: string; clockWhat: string }[]).map((row) => [
      row.id,
      row.clockWhat,
    ]);
  expect(await clocks()).toEqual([
    [two.id, 'cool'],
    [one.id, 'soak'],
  ]);
  expect((await tell(one, 'clock-ended', { clockId: soak })).status).toBe(200);
  expect(await clocks()).toEqual([
    [two.id, 'cool'],
    [one.id, 'cure'],
  ]);
});

test('a count is copied, the last copy stands; it is no event, and of the open mend only', async () => {
  const { id, mendId, reply } = await frozen(harness);
  const copy = (turns: number, mend = mendId) =>
    harness.put(`/holes/${id}/bench`, { mendId: mend, stepId: 'tap-1', turns });
  expect((await harness.get(`/holes/${id}/bench`)).body).toBeNull();
  expect((await copy(4.5)).status).toBe(200);
  expect((await copy(5)).body).toMatchObject({ stepId: 'tap-1', turns: 5, by: expect.any(String) });
  expect((await copy(6, v7())).status).toBe(422);
  expect((await harness.get(`/holes/${id}/bench`)).body).toMatchObject({ turns: 5 });
  expect((await harness.get(`/holes/${id}`)).body.revision).toBe(reply.body.revision);
});
