import type { HoleDetail, HoleWritten, NewEvent } from '@deep-mend/contract';
import { EVENT_KINDS, type EventKindId, type HoleEventBody } from '@deep-mend/core';
import { conflict, Refusal } from '../Refusal.ts';
import type { Context, Tx } from '../Context.ts';
import { ADMIT, type ToAdmit } from './admit.ts';
import { answerWrite, standsAlready } from './answerWrite.ts';
import { lockHole } from './lockHole.ts';
import { eventsSince } from './readHole.ts';
import { writeEvent, type NewBody } from './writeEvent.ts';

type Events = HoleDetail['events'];
const neverConflicts = (kind: string) => !EVENT_KINDS[kind as EventKindId].standsOnRevision;

/** Asks the rule of the event's own kind. */
export const admit = <K extends EventKindId>(body: HoleEventBody<K>, event: Omit<ToAdmit<K>, 'payload'>) =>
  ADMIT[body.kind]({ ...event, payload: body.payload });

/** The latest change that stands against a choice: of the same field, if there is one. */
function rivalOf(event: NewEvent, since: Events): unknown {
  const rivals = since.filter((other) => !neverConflicts(other.kind));
  const sameField = rivals.filter((other) => event.kind === 'choice' && other.payload.field === event.payload.field);
  const rival = sameField.at(-1) ?? rivals.at(-1);
  return rival ? { kind: rival.kind, payload: rival.payload, actor: rival.actor, happenedAt: rival.happenedAt } : null;
}

/** Appends one event. Readings never conflict; a choice needs the revision that the person saw, or only readings since. */
export async function appendEvent(
  context: Context,
  holeId: string,
  event: NewEvent,
  ifMatch: number | null,
  tx: Tx,
): Promise<HoleWritten> {
  const hole = await lockHole(context, holeId, tx);
  const body = event as NewBody;
  if (await standsAlready(holeId, event.id, body, tx)) return answerWrite(context, hole, ifMatch, tx);
  if (ifMatch !== null && ifMatch > hole.revision)
    throw conflict('This hole has no such revision yet. Read it again.', ifMatch, hole.revision);
  if (!neverConflicts(event.kind)) {
    if (ifMatch === null) throw new Refusal(428, 'if-match', 'If-Match is missing', 'Say which revision you saw.');
    const since = ifMatch === hole.revision ? [] : await eventsSince(context, holeId, ifMatch, tx);
    if (!since.every((other) => neverConflicts(other.kind)))
      throw conflict(
        'Someone changed this hole meanwhile. Look at both, then choose.',
        { kind: event.kind, payload: event.payload },
        rivalOf(event, since),
      );
  }
  await admit(body, { context, holeId, head: hole.head, tx });
  return answerWrite(context, await writeEvent(context, hole, body, tx), ifMatch, tx);
}
