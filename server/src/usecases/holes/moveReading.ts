import type { HoleDetail, MoveReading } from '@deep-mend/contract';
import { refused } from '../../http/HttpProblem.ts';
import type { Context, Tx } from '../Context.ts';
import { lockHole, writeEvent } from './appendEvent.ts';
import { fileOf, readHole } from './readHole.ts';

/** Moves a reading to the hole it belongs to: both holes keep a trace. */
export async function moveReading(context: Context, holeId: string, input: MoveReading, tx: Tx): Promise<HoleDetail> {
  if (input.toHoleId === holeId) throw refused('toHoleId', 'That is the same hole.');
  // Always locked in the same order, so that two moves against each other cannot wait for ever.
  const [first, second] = [holeId, input.toHoleId].sort();
  const locked = [await lockHole(context, first!, tx), await lockHole(context, second!, tx)];
  const [from, to] = locked[0]!.id === holeId ? [locked[0]!, locked[1]!] : [locked[1]!, locked[0]!];
  const reading = fileOf(await readHole(context, holeId, tx)).readings.find((entry) => entry.id === input.readingId);
  if (!reading || reading.state === 'struck' || reading.state === 'moved') {
    throw refused('readingId', 'This hole has no such reading, or it was struck out or moved already.');
  }
  const { quantity, text, notation, mm, halfWidthMm, instrument, happenedAt } = reading;
  const moved = { quantity, text, notation, mm, halfWidthMm, instrument, movedFrom: { holeId, readingId: reading.id } };
  await writeEvent(context, to, { kind: 'reading', payload: moved, id: input.newReadingId, happenedAt }, tx);
  const { readingId, toHoleId, reason } = input;
  return writeEvent(
    context,
    from,
    { kind: 'reading-moved', payload: { readingId, toHoleId, reason }, id: input.id, happenedAt: input.happenedAt },
    tx,
  );
}
