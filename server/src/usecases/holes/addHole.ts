import type { HoleWritten, NewHole } from '@deep-mend/contract';
import { blankFile, headOf, type HoleEventBody } from '@deep-mend/core';
import { Hole } from '../../store/models.ts';
import type { Context, Tx } from '../Context.ts';
import { takeTurns } from '../once.ts';
import { answerWrite, standsAlready } from './answerWrite.ts';
import { admit } from './appendEvent.ts';
import { lockHole, type LockedHole } from './lockHole.ts';
import { writeEvent } from './writeEvent.ts';

/** Adds a hole, on a face or on a loose part, and opens a mend on it if asked. */
export async function addHole(context: Context, input: NewHole, tx: Tx): Promise<HoleWritten> {
  const { id, happenedAt } = input;
  const bodies: { id: string; body: HoleEventBody }[] = [
    // The hole's own id names its first event: one less for the client to invent.
    { id, body: { kind: 'located', payload: { name: input.name, faceId: input.faceId } } },
    ...(input.mend
      ? [
          {
            id: input.mend.id,
            body: { kind: 'mend-opened', payload: { mendId: input.mend.id, what: input.mend.what } } as const,
          },
        ]
      : []),
  ];
  // There is no row to lock yet.
  await takeTurns(context, id, tx);
  const known = await Promise.all(bodies.map((row) => standsAlready(id, row.id, row.body, tx)));
  if (known.every(Boolean)) return answerWrite(context, await lockHole(context, id, tx), 0, tx);
  await Hole.create({ id, shopId: context.shopId, revision: 0 }, { transaction: tx });
  let hole: LockedHole = { id, revision: 0, head: headOf(blankFile()) };
  for (const row of bodies) {
    await admit(row.body, { context, holeId: id, head: hole.head, tx });
    hole = await writeEvent(context, hole, { ...row.body, id: row.id, happenedAt }, tx);
  }
  return answerWrite(context, hole, 0, tx);
}
