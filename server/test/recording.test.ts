import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { foldHole, type StoredEvent } from '@deep-mend/core';
import { QueryTypes, type Sequelize } from 'sequelize';
import { migrate } from '../src/store/migrate.ts';
import { ActorRow, HoleSummaryRow } from '../src/store/models.ts';
import { readHole } from '../src/usecases/holes/readHole.ts';
import { rebuildSummaries } from '../src/usecases/holes/summary.ts';
import { startHarness, type Harness } from './harness.ts';

// A whole shop as engine 0.4.0 recorded it, in the schema that it had then: brought up, down and up again it is the same.

interface Recorded {
  settings: object;
  holes: { id: string; events: (StoredEvent & { class: string })[] }[];
  plans: Record<string, unknown>[];
}
const RECORDED = JSON.parse(
  readFileSync(join(__dirname, '../../core/src/record/recorded/0.4.0.json'), 'utf8'),
) as Recorded;

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.stop());

/** The recording's rows, in the first schema: no model of today's build writes them. */
async function load(sequelize: Sequelize, shopId: string): Promise<void> {
  const actors = new Map((await ActorRow.findAll({ raw: true })).map((row) => [row.name, row.id]));
  const insert = (table: string, row: Record<string, unknown>) =>
    sequelize.query(
      `INSERT INTO ${table} (${Object.keys(row).join(', ')}) VALUES (${Object.keys(row)
        .map((key) => `:${key}`)
        .join(', ')})`,
      { replacements: row },
    );
  const json = (value: unknown) => JSON.stringify(value);
  const faceOf = (events: StoredEvent[]) => (events[0]!.payload as { faceId: string | null }).faceId;
  const faces = new Set(RECORDED.holes.map(({ events }) => faceOf(events)).filter((face) => face !== null));
  const assetId = RECORDED.holes[0]!.id;
  await insert('asset', { id: assetId, shop_id: shopId, name: 'Kittiwake', note: '' });
  for (const id of faces) await insert('face', { id, shop_id: shopId, asset_id: assetId, name: 'Face' });
  for (const { id, events } of RECORDED.holes) {
    await insert('hole', { id, shop_id: shopId, revision: events.length });
    for (const event of events) {
      const { payload, happenedAt } = event;
      await insert('event', {
        id: event.id,
        shop_id: shopId,
        hole_id: id,
        seq: event.seq,
        class: event.class,
        kind: event.kind,
        payload_version: event.payloadVersion,
        payload: json(payload),
        happened_at: happenedAt,
        recorded_at: event.recordedAt,
        actor_id: actors.get(event.actor),
      });
      if (event.kind === 'mend-opened')
        await insert('mend', {
          id: (payload as { mendId: string }).mendId,
          shop_id: shopId,
          hole_id: id,
          opened_at: happenedAt,
          closed_at: happenedAt,
        });
    }
  }
  for (const plan of RECORDED.plans)
    await insert('plan', { ...plan, shop_id: shopId, inputs: json(plan.inputs), numbers: json(plan.numbers) });
}

const plansOf = (sequelize: Sequelize) =>
  sequelize.query<{ id: string; inputs: object; numbers?: object }>('SELECT * FROM plan ORDER BY id', {
    type: QueryTypes.SELECT,
  });

test('a shop of engine 0.4.0 goes up, down and up: every hole reads as it did, no plan loses what it was frozen from', async () => {
  const { sequelize, context } = harness;
  await migrate(sequelize, 'down', '0002-heads');
  await load(sequelize, context.shopId);
  await migrate(sequelize);
  await migrate(sequelize, 'down', '0002-heads');
  const lowered = await plansOf(sequelize);
  expect(lowered.map((plan) => plan.numbers)).toEqual(RECORDED.plans.map((plan) => plan.numbers));
  expect(lowered.map((plan) => plan.inputs)).toEqual(RECORDED.plans.map((plan) => plan.inputs));
  await migrate(sequelize);
  expect((await plansOf(sequelize)).map((plan) => plan.inputs)).toEqual(RECORDED.plans.map((plan) => plan.inputs));
  for (const { id, events } of RECORDED.holes) {
    const detail = await readHole(context, id);
    expect(foldHole(detail.events)).toEqual(foldHole(events));
  }
  expect(await rebuildSummaries(context)).toBe(RECORDED.holes.length);
  expect(await HoleSummaryRow.count({ where: { station: 'prepare' } })).toBeGreaterThan(0);
});

test('lists over a recorded shop: each hole with its code, its place, and when it was recorded', async () => {
  const { sequelize } = harness;
  await migrate(sequelize, 'down', '0004-many-holes');
  await sequelize.query(`UPDATE hole_summary SET updated_at = '2031-01-01'`);
  await migrate(sequelize);
  const odd = await sequelize.query(
    `SELECT s.name FROM hole_summary s JOIN event e ON e.hole_id = s.hole_id AND e.seq = s.revision
       JOIN hole h ON h.id = s.hole_id
     WHERE s.updated_at <> date_trunc('milliseconds', e.recorded_at) OR s.code <> h.code OR s.code IS NULL
       OR (s.face_id IS NULL) <> (s.asset_name IS NULL) OR s.search_text NOT LIKE lower('%' || s.name || '%')`,
    { type: QueryTypes.SELECT },
  );
  expect(odd).toEqual([]);
});

test('a hole of engine 0.4.0 goes on where it stood: its head is made from its events at the first write', async () => {
  const planned = RECORDED.holes.find(({ events }) => events.at(-1)!.kind === 'plan-frozen')!;
  const { mendId, planId } = planned.events.at(-1)!.payload as { mendId: string; planId: string };
  const result = { mendId, planId, results: [{ id: 'gauge', passed: true }], note: '' };
  const reply = await harness.post(
    `/holes/${planned.id}/events`,
    {
      id: planned.id.replace(/^.{8}/, '01990000'),
      kind: 'result',
      payload: result,
      happenedAt: '2026-11-23T08:00:00.000Z',
    },
    { 'If-Match': `"${planned.events.length}"` },
  );
  expect([reply.status, reply.body.revision]).toEqual([200, planned.events.length + 1]);
});
