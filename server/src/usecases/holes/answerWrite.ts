import type { HoleWritten } from '@deep-mend/contract';
import { digestOf, type HoleEventBody } from '@deep-mend/core';
import { Refusal } from '../Refusal.ts';
import { EventRow } from '../../store/models.ts';
import type { Context, Tx } from '../Context.ts';
import type { LockedHole } from './lockHole.ts';
import { eventsSince } from './readHole.ts';

/** What a write answers: the events after the revision that the client named; its own when it named none. */
export async function answerWrite(
  context: Context,
  { id, revision }: Pick<LockedHole, 'id' | 'revision'>,
  named: number | null,
  tx: Tx,
): Promise<HoleWritten> {
  const since = Math.min(named ?? revision - 1, revision);
  return { id, revision, since, events: await eventsSince(context, id, since, tx) };
}

/**
 * Whether an event stands already: its id is the client's, and the key by which a repeated call records once, whatever its
 * age. The same id for something else is refused.
 * @param same - what two tellings of one event agree in; its whole payload by default
 */
export async function standsAlready<B extends HoleEventBody>(
  holeId: string,
  id: string,
  body: B,
  tx: Tx,
  same: (payload: B['payload']) => unknown = (payload) => payload,
): Promise<boolean> {
  const before = await EventRow.findByPk(id, { transaction: tx, raw: true });
  if (!before) return false;
  const told = (kind: string, payload: unknown) => digestOf({ kind, same: same(payload as B['payload']) });
  if (before.holeId === holeId && told(before.kind, before.payload) === told(body.kind, body.payload)) return true;
  throw new Refusal(422, 'id-reused', 'Id used before', 'This id stands for something else already.');
}
