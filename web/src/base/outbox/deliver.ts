import { ApiProblem, call } from '../client.ts';
import type { Item } from './Item.ts';
import type { Delivered } from './outbox.ts';

/** A server that takes longer has most likely gone; the same item is sent again when it is back. */
const PATIENCE_MS = 15_000;
const BROKE = 500;
/** Browsers refuse more than 64 kB of what outlives a page, all requests together. */
const KEPT_ALIVE_MOST = 16_000;
/** No answer at all, or told to come later. */
const LATER: readonly number[] = [0, 429];

/** Sends one item as it was typed: its key, its time and who recorded it are those of the first try. */
export async function deliver({ method, address, body, key, actorId, seen }: Item): Promise<Delivered> {
  const headers: Record<string, string> = {
    'Content-Type': 'application/json',
    'Idempotency-Key': key,
    'X-Actor': actorId,
    ...(seen === null ? {} : { 'If-Match': `"${seen}"` }),
  };
  try {
    const text = JSON.stringify(body);
    const done = await call(method.toUpperCase(), address, {
      headers,
      body: text,
      signal: AbortSignal.timeout(PATIENCE_MS),
      // A page that is left in the middle of a write does not take the write with it, where the browser allows its length.
      keepalive: text.length < KEPT_ALIVE_MOST,
    });
    return { kind: 'recorded', ...done };
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error;
    const { problem } = error;
    if (LATER.includes(problem.status)) return { kind: 'away' };
    return { kind: problem.status === BROKE ? 'broke' : 'refused', problem };
  }
}
