import { APPEND_ONLY_KINDS, type HoleDetail, type NewEvent } from '@deep-mend/contract';
import { CoreError, parentById, fastenerClass, threadById, type HoleEventBody, type HoleFile } from '@deep-mend/core';
import { conflict, HttpProblem, notFound, refused } from '../../http/HttpProblem.ts';
import { ActorRow, EventRow, Face, Hole, HoleSummaryRow, Mend } from '../../store/models.ts';
import type { Context, Tx } from '../Context.ts';
import { fileOf, readHole } from './readHole.ts';
import { summarise } from './summary.ts';

const OBSERVED: readonly HoleEventBody['kind'][] = ['reading', 'attempt', 'result'];

/** Takes the hole's row for this transaction, so that sequence numbers have no gaps and no doubles. */
export async function lockHole(context: Context, holeId: string, tx: Tx): Promise<Hole> {
  const hole = await Hole.findOne({ where: { id: holeId, shopId: context.shopId }, transaction: tx, lock: true });
  if (!hole) throw notFound('hole');
  return hole;
}

/** Writes one event as the hole's next, and refreshes its summary. The caller holds the hole's lock. */
export async function writeEvent(
  context: Context,
  hole: Hole,
  event: HoleEventBody & { id: string; happenedAt: string },
  tx: Tx,
): Promise<HoleDetail> {
  const seq = hole.revision + 1;
  await EventRow.create(
    {
      id: event.id,
      shopId: context.shopId,
      holeId: hole.id,
      seq,
      class: OBSERVED.includes(event.kind) ? 'observed' : 'chosen',
      kind: event.kind,
      payloadVersion: 1,
      payload: event.payload,
      happenedAt: new Date(event.happenedAt),
      recordedAt: context.now(),
      actorId: context.actorId,
    },
    { transaction: tx },
  );
  await hole.update({ revision: seq }, { transaction: tx });
  const detail = await readHole(context, hole.id, tx);
  const summary = summarise(context.shopId, hole.id, fileOf(detail));
  await HoleSummaryRow.upsert(summary, { transaction: tx });
  return event.kind === 'filed' || event.kind === 'located' ? readHole(context, hole.id, tx) : detail;
}

function openMend(file: HoleFile, mendId: string) {
  const mend = file.mends.find((entry) => entry.id === mendId);
  if (!mend) throw refused('payload.mendId', 'This hole has no such mend.');
  if (mend.outcome !== 'open')
    throw new HttpProblem(409, 'closed', 'Already closed', 'This mend is closed; start a new one.');
  return mend;
}

/** Rules that need the hole's state. Each says what to do instead. */
async function judge(context: Context, event: NewEvent, file: HoleFile & { holeId: string }, tx: Tx): Promise<void> {
  switch (event.kind) {
    case 'choice': {
      const { field, value } = event.payload;
      try {
        if (field === 'threadId') threadById(value);
        if (field === 'parentId') parentById(value);
        if (field === 'fastenerClassId' && value !== null) fastenerClass(value, 8);
      } catch (error) {
        if (error instanceof CoreError)
          throw refused(
            'payload.value',
            `“${value}” is not known. Near it: ${error.possible.slice(0, 4).join(', ') || 'nothing'}.`,
          );
        throw error;
      }
      break;
    }
    case 'reading-struck':
      if (!file.readings.some((reading) => reading.id === event.payload.readingId && reading.state !== 'struck')) {
        throw refused('payload.readingId', 'This hole has no such reading, or it is struck out already.');
      }
      break;
    case 'filed':
      if (!(await Face.findOne({ where: { id: event.payload.faceId, shopId: context.shopId }, transaction: tx }))) {
        throw refused('payload.faceId', 'There is no such face.');
      }
      break;
    case 'mend-opened':
      if (file.mends.some((mend) => mend.outcome === 'open')) {
        throw new HttpProblem(409, 'open-mend', 'A mend is open', 'This hole has an open mend; go on with that one.');
      }
      await Mend.create(
        {
          id: event.payload.mendId,
          shopId: context.shopId,
          holeId: file.holeId,
          openedAt: new Date(event.happenedAt),
          closedAt: null,
        },
        { transaction: tx },
      );
      break;
    case 'attempt':
      openMend(file, event.payload.mendId);
      break;
    case 'result':
      if (openMend(file, event.payload.mendId).planId !== event.payload.planId) {
        throw refused('payload.planId', 'This is not the plan in force; look at the new one first.');
      }
      break;
    case 'mend-closed': {
      const mend = openMend(file, event.payload.mendId);
      if (event.payload.outcome === 'mended')
        await judgeSignOff(context, event.payload.secondSignedBy, file, mend.results !== null, tx);
      await Mend.update(
        { closedAt: context.now() },
        { where: { id: mend.id, shopId: context.shopId }, transaction: tx },
      );
      break;
    }
    case 'reading':
      break;
  }
}

/** Where a hole holds people up or is under a code, one person never signs alone, and a lead hand is one of the two. */
async function judgeSignOff(
  context: Context,
  secondId: string | null,
  file: HoleFile,
  hasResults: boolean,
  tx: Tx,
): Promise<void> {
  if (!hasResults) throw refused('payload.outcome', 'Record what was measured first; then close the mend.');
  const duty = file.choices.duty ?? 'ordinary';
  if (duty !== 'can-hurt' && duty !== 'under-code') return;
  if (!secondId || secondId === context.actorId) {
    throw refused(
      'payload.secondSignedBy',
      'This hole can hurt someone or is under a code: a second person must sign.',
    );
  }
  const people = await ActorRow.findAll({
    where: { shopId: context.shopId, id: [secondId, context.actorId] },
    transaction: tx,
    raw: true,
  });
  if (!people.some((person) => person.id === secondId))
    throw refused('payload.secondSignedBy', 'There is no such person.');
  if (!people.some((person) => person.role === 'lead-hand')) {
    throw refused('payload.secondSignedBy', 'One of the two who sign must be a lead hand.');
  }
}

/** Appends one event. Readings never conflict; a choice needs the revision that the person saw. */
export async function appendEvent(
  context: Context,
  holeId: string,
  event: NewEvent,
  ifMatch: number | null,
  tx: Tx,
): Promise<HoleDetail> {
  const hole = await lockHole(context, holeId, tx);
  const before = await readHole(context, holeId, tx);
  const file = { ...fileOf(before), holeId };
  if (!APPEND_ONLY_KINDS.includes(event.kind)) {
    if (ifMatch === null) throw new HttpProblem(428, 'if-match', 'If-Match is missing', 'Say which revision you saw.');
    if (ifMatch !== hole.revision && !onlyReadingsSince(before, ifMatch)) {
      throw conflict(
        'Someone changed this hole meanwhile. Look at both, then choose.',
        event.payload,
        latestRival(event, before, ifMatch),
      );
    }
  }
  await judge(context, event, file, tx);
  return writeEvent(context, hole, event as HoleEventBody & { id: string; happenedAt: string }, tx);
}

/** What happened since the revision that the person saw. */
function since(before: HoleDetail, ifMatch: number) {
  return before.events.filter((event) => event.seq > ifMatch);
}

/** Only appended readings came between: they never conflict with a choice. */
function onlyReadingsSince(before: HoleDetail, ifMatch: number): boolean {
  return since(before, ifMatch).every((event) => (APPEND_ONLY_KINDS as readonly string[]).includes(event.kind));
}

function latestRival(event: NewEvent, before: HoleDetail, ifMatch: number): unknown {
  const rivals = since(before, ifMatch).filter(
    (other) => !(APPEND_ONLY_KINDS as readonly string[]).includes(other.kind),
  );
  const sameField = rivals.filter((other) => event.kind === 'choice' && other.payload.field === event.payload.field);
  return (sameField.at(-1) ?? rivals.at(-1))?.payload ?? null;
}
