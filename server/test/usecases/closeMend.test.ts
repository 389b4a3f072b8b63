import { foldHole, passportOf } from '@deep-mend/core';
import { v7 } from 'uuid';
import { ActorRow } from '../../src/store/models.ts';
import { readHole } from '../../src/usecases/holes/readHole.ts';
import { case1, fileOf, frozen, goodResults, startHarness, writer, type Harness } from '../harness.ts';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.stop());

test('nothing is recorded as cut before it is looked at, and a look belongs to its plan', async () => {
  const made = await case1(harness);
  await made.append('choice', { field: 'crack', value: null });
  const { id, mendId, planId, reply } = await frozen(harness, made);
  const { send } = writer(harness, id, reply.body.revision as number);
  const result = { mendId, planId, results: [{ id: 'gauge', passed: true }], note: '' };
  expect((await send('result', result)).body.detail).toContain('Look first');
  expect((await send('looked', { mendId, planId: v7(), ticks: ['crack'] })).status).toBe(422);
  expect((await send('looked', { mendId, planId, ticks: ['crack'] })).status).toBe(200);
  expect((await send('result', result)).status).toBe(200);
});

test('nothing is recorded as cut while something is stuck in the hole', async () => {
  const { id, mendId, planId, reply } = await frozen(harness);
  const { send } = writer(harness, id, reply.body.revision as number);
  expect((await send('choice', { field: 'stuck', value: 'tap' })).status).toBe(200);
  const refused = await send('result', { mendId, planId, results: [], note: '' });
  expect([refused.status, refused.body.detail]).toEqual([422, expect.stringContaining('stuck in this hole')]);
});

test('a mend ends with what was measured, makes the next generation, and events cannot be changed', async () => {
  const { id, mendId, planId, reply } = await frozen(harness);
  const { send } = writer(harness, id, reply.body.revision as number);
  const close = () => send('mend-closed', { mendId, outcome: 'mended', note: '', secondSignedBy: null });
  expect((await close()).status).toBe(422);
  const part = { mendId, planId, results: [{ id: 'gauge', passed: true }], note: '' };
  expect((await send('result', part)).status).toBe(200);
  const twice = [...part.results, { id: 'gauge', passed: false }];
  expect((await send('result', { ...part, results: twice })).status).toBe(422);
  expect((await close()).body.detail).toContain('neither tried nor said why not');
  const results = await goodResults(harness, id, { id: 'bore', mm: 8.36 });
  expect((await send('result', { mendId, planId, results, note: 'sharp tap' })).status).toBe(200);
  const closed = await close();
  expect(closed.status).toBe(200);
  expect(closed.body.events).toHaveLength(1);
  const file = await fileOf(harness, id);
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
  const { id, mendId, planId, reply } = await frozen(harness);
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
  const some = [{ id: 'gauge', passed: true }];
  expect((await send('result', { ...result, results: some })).status).toBe(200);
  const close = (secondSignedBy: string | null) =>
    send('mend-closed', { mendId, outcome: 'mended', note: '', secondSignedBy });
  // Before anyone signs it is proved under load, and what let go is not signed away.
  expect((await close(null)).body.detail).toContain('proof load');
  // Frozen before anybody said that it can hurt: its plan names no proof load, and one is wanted all the same.
  const proved = async (passed: boolean) =>
    send('result', { ...result, results: [...(await goodResults(harness, id)), { id: 'proof-load', passed }] });
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
  const { id, mendId, planId, reply } = await frozen(harness);
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
  const { id, mendId, reply } = await frozen(harness);
  const { send } = writer(harness, id, reply.body.revision as number);
  const release = { mendId, role: 'engineer', by: 'Desk', reference: 'R 1', date: '2026-01-02', allows: 'a coil' };
  for (const wrong of [{ by: '' }, { reference: '  ' }, { allows: '' }, { role: 'foreman' }, { date: 'yesterday' }])
    expect([wrong, (await send('released', { ...release, ...wrong })).status]).toEqual([wrong, 400]);
  expect((await send('released', { ...release, mendId: v7() })).status).toBe(422);
  expect((await send('released', release)).status).toBe(200);
  expect((await fileOf(harness, id)).mends.at(-1)!.release).toMatchObject({
    role: 'engineer',
    by: 'Desk',
    reference: 'R 1',
  });
});

test('without its bore gauged a mend is not signed as proved; with the reason it is closed as not proved, and says so', async () => {
  const { id, mendId, planId, reply } = await frozen(harness);
  const { send } = writer(harness, id, reply.body.revision as number);
  const close = (outcome: string) => send('mend-closed', { mendId, outcome, note: '', secondSignedBy: null });
  const recorded = async (...but: Parameters<typeof goodResults>[2][]) =>
    send('result', { mendId, planId, results: await goodResults(harness, id, ...but), note: '' });
  // 45 % of a thread, and a good screw runs in: that is no proof.
  expect((await recorded({ id: 'bore', mm: 8.9 })).status).toBe(200);
  expect((await close('mended')).body.detail).toContain('did not pass');
  expect((await close('unproved')).body.detail).toContain('did not pass');
  expect((await recorded({ id: 'bore', notDone: ' ' })).status).toBe(400);
  expect((await recorded({ id: 'bore', notDone: 'the gauge was away' })).status).toBe(200);
  expect((await close('mended')).body.detail).toContain('mended, not proved');
  expect((await close('unproved')).status).toBe(200);
  const file = await fileOf(harness, id);
  expect([file.generations.length, file.mends.at(-1)!.outcome]).toEqual([2, 'unproved']);
  expect((await harness.get('/mends?state=closed').expect(200)).body.items[0]).toMatchObject({
    id,
    repairs: 1,
    lastOutcome: 'unproved',
  });
});

test('what is signed is amended beside itself: only once it is closed, with a reason, and the old entry stays', async () => {
  const { id, mendId, planId, reply } = await frozen(harness);
  const { send } = writer(harness, id, reply.body.revision as number);
  const amend = (more: object = {}) =>
    send('amended', { mendId, what: 'The coil is 1.5 D', reason: 'read off the packet', ...more });
  expect((await amend()).status).toBe(422);
  await send('result', { mendId, planId, results: await goodResults(harness, id), note: '' });
  await send('mend-closed', { mendId, outcome: 'mended', note: '', secondSignedBy: null });
  expect((await amend({ reason: ' ' })).status).toBe(400);
  expect((await amend({ mendId: v7() })).status).toBe(422);
  expect((await amend()).status).toBe(200);
  const mend = (await fileOf(harness, id)).mends.at(-1)!;
  expect([mend.outcome, mend.amendments]).toMatchObject(['mended', [{ what: 'The coil is 1.5 D', by: 'Mechanic A' }]]);
  expect(mend.results).not.toBeNull();
});

test('the passport of 300 entries is told in 20 ms, and what was cut otherwise than planned is the generation', async () => {
  const { id, mendId, planId, reply } = await frozen(harness);
  const { send } = writer(harness, id, reply.body.revision as number);
  await send('result', {
    mendId,
    planId,
    results: await goodResults(harness, id, { id: 'full-thread', mm: 18.9 }),
    note: '',
  });
  await send('mend-closed', { mendId, outcome: 'mended', note: '', secondSignedBy: null });
  const [, cut] = (await fileOf(harness, id)).generations;
  expect([cut!.fullThreadMm, cut!.boreMm]).toEqual([18.9, expect.closeTo(8.377, 2)]);
  for (let entry = 0; entry < 280; entry += 1)
    expect((await send('amended', { mendId, what: `entry ${entry}`, reason: 'to fill it' })).status).toBe(200);
  const took: number[] = [];
  for (let run = 0; run < 20; run += 1) {
    const begin = performance.now();
    const detail = await readHole(harness.context, id);
    passportOf(foldHole(detail.events), 'mm');
    took.push(performance.now() - begin);
  }
  // The least disturbed of twenty: other suites run beside this one.
  expect(Math.min(...took)).toBeLessThan(20);
});

test('the shop’s own figures follow from what was gauged, here and in no other shop', async () => {
  const before = (await harness.get('/figures').expect(200)).body as { kind: string; count: number }[];
  const count = (rows: typeof before) =>
    rows.filter(({ kind }) => kind === 'oversize').reduce((sum, row) => sum + row.count, 0);
  const { id, mendId, planId, reply } = await frozen(harness);
  const { send } = writer(harness, id, reply.body.revision as number);
  await send('result', { mendId, planId, results: await goodResults(harness, id), note: '' });
  await send('mend-closed', { mendId, outcome: 'mended', note: '', secondSignedBy: null });
  expect(count((await harness.get('/figures')).body as typeof before)).toBe(count(before) + 1);
  const other = await harness.otherShop();
  expect((await other.get('/figures')).body).toEqual([]);
});
