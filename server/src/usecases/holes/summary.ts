import type { HoleFile } from '@deep-mend/core';
import { QueryTypes, type CreationAttributes } from 'sequelize';
import { HoleSummaryRow } from '../../store/models.ts';
import type { Context } from '../Context.ts';
import { fileOf, readHole } from './readHole.ts';

function station(file: HoleFile): string | null {
  const mend = file.mends.find((entry) => entry.outcome === 'open');
  if (!mend) return null;
  // Whatever else was planned: nothing goes on while something is stuck.
  if ((file.choices.stuck ?? 'none') !== 'none') return 'free';
  if (mend.results) return 'prove';
  if (mend.plan) return 'prepare';
  const { choices, live } = file;
  return choices.threadId && choices.parentId && live.depth ? 'decide' : 'measure';
}

/** The row of a hole for lists: a cache of the fold over its events. */
export function summarise(shopId: string, holeId: string, file: HoleFile): CreationAttributes<HoleSummaryRow> {
  const open = file.mends.find((entry) => entry.outcome === 'open');
  const closed = file.mends.filter((entry) => entry.outcome !== 'open').at(-1);
  return {
    holeId,
    shopId,
    name: file.name,
    faceId: file.faceId,
    threadId: file.choices.threadId ?? null,
    generation: file.generations.length - 1,
    repairs: file.mends.filter((entry) => entry.outcome === 'mended').length,
    openMendId: open?.id ?? null,
    station: station(file),
    what: (open ?? closed)?.what ?? null,
    lastOutcome: (closed?.outcome as string | undefined) ?? null,
    updatedAt: new Date(file.lastAt),
    revision: file.revision,
  };
}

/** Drops the cache of one shop and folds it again from the events. */
export async function rebuildSummaries(context: Context): Promise<number> {
  const holes = await context.sequelize.query<{ id: string }>('SELECT id FROM hole WHERE shop_id = :shopId', {
    replacements: { shopId: context.shopId },
    type: QueryTypes.SELECT,
  });
  await HoleSummaryRow.destroy({ where: { shopId: context.shopId } });
  for (const { id } of holes) {
    const detail = await readHole(context, id);
    await HoleSummaryRow.create(summarise(context.shopId, id, fileOf(detail)));
  }
  return holes.length;
}
