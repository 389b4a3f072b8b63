import { EVENT_KINDS, nextHead, type EventKindId, type HoleEvent, type HoleEventBody } from '@deep-mend/core';
import { ActorRow, EventRow, Hole, HoleHeadRow, HoleSummaryRow, Mend } from '../../store/models.ts';
import type { Context, Tx } from '../Context.ts';
import { headFromEvents, type LockedHole } from './lockHole.ts';
import { summarise } from './summary.ts';

export type NewBody<K extends EventKindId = EventKindId> = HoleEventBody<K> & { id: string; happenedAt: string };

async function nameOf({ actorId }: Context, tx: Tx): Promise<string> {
  const actor = await ActorRow.findByPk(actorId, { attributes: ['name'], transaction: tx, raw: true });
  return actor?.name ?? '';
}

/** A mend has a row of its own, so that the database itself refuses a second open one. */
async function keepMend(context: Context, hole: LockedHole, event: NewBody, tx: Tx): Promise<void> {
  if (event.kind === 'mend-opened')
    await Mend.create(
      {
        id: event.payload.mendId,
        shopId: context.shopId,
        holeId: hole.id,
        openedAt: new Date(event.happenedAt),
        closedAt: null,
      },
      { transaction: tx },
    );
  if (event.kind === 'mend-closed')
    await Mend.update(
      { closedAt: context.now() },
      { where: { id: event.payload.mendId, shopId: context.shopId }, transaction: tx },
    );
}

/**
 * Writes one event as the hole's next, with its head and its summary. The caller holds the hole's lock and has asked whether
 * it may be. What is returned is the hole as the next event finds it.
 */
export async function writeEvent(context: Context, hole: LockedHole, event: NewBody, tx: Tx): Promise<LockedHole> {
  const seq = hole.revision + 1;
  const recordedAt = context.now();
  await EventRow.create(
    {
      id: event.id,
      shopId: context.shopId,
      holeId: hole.id,
      seq,
      class: EVENT_KINDS[event.kind].class,
      kind: event.kind,
      payloadVersion: EVENT_KINDS[event.kind].version,
      payload: event.payload,
      happenedAt: new Date(event.happenedAt),
      recordedAt,
      actorId: context.actorId,
      origin: context.origin,
    },
    { transaction: tx },
  );
  await keepMend(context, hole, event, tx);
  await Hole.update({ revision: seq }, { where: { id: hole.id, shopId: context.shopId }, transaction: tx });
  const stamped = {
    ...event,
    seq,
    recordedAt: recordedAt.toISOString(),
    actor: await nameOf(context, tx),
  } as HoleEvent;
  const head = nextHead(hole.head, stamped) ?? (await headFromEvents(context, hole.id, tx));
  await HoleHeadRow.upsert({ holeId: hole.id, shopId: context.shopId, fold: head.fold, head }, { transaction: tx });
  await HoleSummaryRow.upsert(summarise(context.shopId, hole.id, head), { transaction: tx });
  return { id: hole.id, revision: seq, head };
}
