import type { BenchInstrument, InstrumentReading } from '@deep-mend/contract';
import type { Context } from '../Context.ts';
import { Refusal } from '../Refusal.ts';

/** Nothing where no instruments are connected: every reading is typed then. */
export const listInstruments = ({ instruments }: Context): Promise<BenchInstrument[]> =>
  instruments === null ? Promise.resolve([]) : instruments.list();

/** @throws Refusal - nothing of that name is connected */
export async function streamInstrument(
  context: Context,
  { instrument, near }: { instrument: string; near?: number | undefined },
  until: AbortSignal,
): Promise<AsyncIterable<InstrumentReading>> {
  const known = (await listInstruments(context)).some(({ id }) => id === instrument);
  if (!context.instruments || !known)
    throw new Refusal(404, 'no-instrument', 'No such instrument', 'It is not connected. Type what it shows.');
  return context.instruments.stream(instrument, near, until);
}
