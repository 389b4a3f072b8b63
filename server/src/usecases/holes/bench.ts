import type { BenchKept, BenchTurns } from '@deep-mend/contract';
import { QueryTypes } from 'sequelize';
import type { Context } from '../Context.ts';
import { notFound, refused } from '../Refusal.ts';

/** Turns counted so far on a hole; nothing where nobody counted. */
export async function readBench({ sequelize, shopId }: Context, holeId: string): Promise<BenchKept> {
  const [row] = await sequelize.query<NonNullable<BenchKept>>(
    `SELECT b.mend_id AS "mendId", b.step_id AS "stepId", b.turns, a.name AS by,
       to_char(b.updated_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') AS at
     FROM bench b JOIN actor a ON a.id = b.actor_id WHERE b.hole_id = :holeId AND b.shop_id = :shopId`,
    { replacements: { holeId, shopId }, type: QueryTypes.SELECT },
  );
  return row ?? null;
}

/** Copies a count. It is a draft: the last copy stands, and nothing waits for it. */
export async function keepBench(
  context: Context,
  holeId: string,
  { mendId, stepId, turns }: BenchTurns,
): Promise<BenchKept> {
  const { sequelize, shopId, actorId, now } = context;
  const [hole] = await sequelize.query<{ open: string | null }>(
    'SELECT open_mend_id AS open FROM hole_summary WHERE hole_id = :holeId AND shop_id = :shopId',
    { replacements: { holeId, shopId }, type: QueryTypes.SELECT },
  );
  if (!hole) throw notFound('hole');
  if (hole.open !== mendId) throw refused('mendId', 'This hole has no such open mend.');
  await sequelize.query(
    `INSERT INTO bench (hole_id, shop_id, mend_id, step_id, turns, actor_id, updated_at)
     VALUES (:holeId, :shopId, :mendId, :stepId, :turns, :actorId, :at)
     ON CONFLICT (hole_id) DO UPDATE SET mend_id = :mendId, step_id = :stepId, turns = :turns, actor_id = :actorId, updated_at = :at`,
    { replacements: { holeId, shopId, mendId, stepId, turns, actorId, at: now() }, type: QueryTypes.INSERT },
  );
  return readBench(context, holeId);
}
