import type { HoleDetail, NewHole } from '@deep-mend/contract';
import { refused } from '../../http/HttpProblem.ts';
import { Face, Hole, Mend } from '../../store/models.ts';
import type { Context, Tx } from '../Context.ts';
import { writeEvent } from './appendEvent.ts';

/** Adds a hole, on a face or on a loose part, and opens a mend on it if asked. */
export async function addHole(context: Context, input: NewHole, tx: Tx): Promise<HoleDetail> {
  if (input.faceId && !(await Face.findOne({ where: { id: input.faceId, shopId: context.shopId }, transaction: tx }))) {
    throw refused('faceId', 'There is no such face.');
  }
  if (await Hole.findByPk(input.id, { transaction: tx })) throw refused('id', 'This id is taken.');
  const hole = await Hole.create({ id: input.id, shopId: context.shopId, revision: 0 }, { transaction: tx });
  const located = { kind: 'located', payload: { name: input.name, faceId: input.faceId } } as const;
  // The hole's own id names its first event: one less for the client to invent.
  let detail = await writeEvent(context, hole, { ...located, id: input.id, happenedAt: input.happenedAt }, tx);
  if (input.mend) {
    await Mend.create(
      {
        id: input.mend.id,
        shopId: context.shopId,
        holeId: hole.id,
        openedAt: new Date(input.happenedAt),
        closedAt: null,
      },
      { transaction: tx },
    );
    const opened = { kind: 'mend-opened', payload: { mendId: input.mend.id, what: input.mend.what } } as const;
    detail = await writeEvent(context, hole, { ...opened, id: input.mend.id, happenedAt: input.happenedAt }, tx);
  }
  return detail;
}
