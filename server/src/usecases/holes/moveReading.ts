import type { HoleWritten, MoveReading } from '@deep-mend/contract';
import type { HoleEventBody } from '@deep-mend/core';
import { refused } from '../Refusal.ts';
import type { Context, Tx } from '../Context.ts';
import { answerWrite, standsAlready } from './answerWrite.ts';
import { lockHole } from './lockHole.ts';
import { fileOf, readHole } from './readHole.ts';
import { writeEvent } from './writeEvent.ts';

/** Moves a reading to the hole it belongs to: both holes keep a trace. */
export async function moveReading(
  context: Context,
  holeId: string,
  input: MoveReading,
  ifMatch: number | null,
  tx: Tx,
): Promise<HoleWritten> {
  const { readingId, toHoleId, reason } = input;
  if (toHoleId === holeId) throw refused('toHoleId', 'That is the same hole.');
  // Always locked in the same order, so that two moves against each other cannot wait for ever.
  const [first, second] = [holeId, toHoleId].sort() as [string, string];
  const locked = [await lockHole(context, first, tx), await lockHole(context, second, tx)] as const;
  const [from, to] = locked[0].id === holeId ? locked : [locked[1], locked[0]];
  const moving = { kind: 'reading-moved', payload: { readingId, toHoleId, reason } } as const satisfies HoleEventBody;
  if (await standsAlready(holeId, input.id, moving, tx)) return answerWrite(context, from, ifMatch, tx);
  const reading = fileOf(await readHole(context, holeId, tx)).readings.find((entry) => entry.id === readingId);
  if (!reading || reading.state === 'struck' || reading.state === 'moved')
    throw refused('readingId', 'This hole has no such reading, or it was struck out or moved already.');
  const { quantity, text, notation, mm, halfWidthMm, instrument, happenedAt } = reading;
  const moved = { quantity, text, notation, mm, halfWidthMm, instrument, movedFrom: { holeId, readingId } };
  await writeEvent(context, to, { kind: 'reading', payload: moved, id: input.newReadingId, happenedAt }, tx);
  const after = await writeEvent(context, from, { ...moving, id: input.id, happenedAt: input.happenedAt }, tx);
  return answerWrite(context, after, ifMatch, tx);
}
