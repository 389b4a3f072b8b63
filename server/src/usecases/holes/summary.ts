import { choiceOf, headOf, openMendOf, stationOf, type HoleHead } from '@deep-mend/core';
import { QueryTypes, type CreationAttributes } from 'sequelize';
import { HoleHeadRow, HoleSummaryRow } from '../../store/models.ts';
import type { Context } from '../Context.ts';
import { fileOf, readHole } from './readHole.ts';

/** The row of a hole for lists: a cache of the fold over its events. */
export function summarise(
  shopId: string,
  holeId: string,
  { file, repairs }: HoleHead,
): CreationAttributes<HoleSummaryRow> {
  const open = openMendOf(file);
  const closed = file.mends.filter((entry) => entry.outcome !== 'open').at(-1);
  // The wait that is due first.
  const [clock] = (open?.clocks ?? [])
    .filter(({ endedAt }) => endedAt === null)
    .sort((a, b) => (a.dueAt < b.dueAt ? -1 : 1));
  return {
    clockWhat: clock?.what ?? null,
    clockDueAt: clock ? new Date(clock.dueAt) : null,
    holeId,
    shopId,
    name: file.name,
    faceId: file.faceId,
    threadId: file.choices.threadId ?? null,
    generation: file.generations.length - 1,
    repairs,
    openMendId: open?.id ?? null,
    station: stationOf(file),
    what: (open ?? closed)?.what ?? null,
    lastOutcome: closed?.outcome ?? null,
    doNotUse: choiceOf(file.choices, 'doNotUse'),
    updatedAt: new Date(file.lastAt),
    revision: file.revision,
  };
}

/** Drops the caches of one shop and folds them again from the events. */
export async function rebuildSummaries(context: Context): Promise<number> {
  const { shopId } = context;
  const holes = await context.sequelize.query<{ id: string }>('SELECT id FROM hole WHERE shop_id = :shopId', {
    replacements: { shopId },
    type: QueryTypes.SELECT,
  });
  await HoleSummaryRow.destroy({ where: { shopId } });
  await HoleHeadRow.destroy({ where: { shopId } });
  for (const { id } of holes) {
    const head = headOf(fileOf(await readHole(context, id)));
    await HoleHeadRow.create({ holeId: id, shopId, fold: head.fold, head });
    await HoleSummaryRow.create(summarise(shopId, id, head));
  }
  return holes.length;
}
