import { BenchInstrument, InstrumentReading } from '@deep-mend/contract';
import { EventSourceParserStream } from 'eventsource-parser/stream';
import { z } from 'zod';
import { Refusal } from '../Refusal.ts';
import type { Instruments } from './Instruments.ts';

/** A box that has not said what it has in this time has gone. */
const PATIENCE_MS = 2_000;
/** A shop has fewer benches; whoever opens more takes nothing from the rest. */
const MOST_STREAMS = 40;

const gone = () =>
  new Refusal(503, 'instruments-away', 'Instruments away', 'The instruments do not answer. Type what is shown.');

const asked = async (address: URL, signal: AbortSignal): Promise<Response> => {
  try {
    const reply = await fetch(address, { signal });
    if (reply.ok) return reply;
  } catch {
    // fetch rejects only where nothing answered.
  }
  throw gone();
};

/** Instruments behind an address: a stand-in, or a box that answers as it does. What it sends is held against the contract. */
export function instrumentBox(url: string): Instruments {
  let open = 0;
  return {
    list: async () => {
      const reply = await asked(new URL('/instruments', url), AbortSignal.timeout(PATIENCE_MS));
      return z.array(BenchInstrument).parse(await reply.json());
    },
    async *stream(id, near, until) {
      if (open >= MOST_STREAMS)
        throw new Refusal(503, 'many-streams', 'Too many at once', 'Close a reading on another device first.');
      open += 1;
      try {
        const address = new URL('/stream', url);
        address.searchParams.set('instrument', id);
        if (near !== undefined) address.searchParams.set('near', String(near));
        const { body } = await asked(address, until);
        // One type of bytes, said in two ways by Node and by the browser's library.
        const text = (body as ReadableStream<BufferSource>).pipeThrough(new TextDecoderStream());
        for await (const { data } of text.pipeThrough(new EventSourceParserStream()))
          yield InstrumentReading.parse(JSON.parse(data));
      } catch (error) {
        // Whoever read has gone, or the server stops: that is the ordinary end.
        if (!until.aborted) throw error;
      } finally {
        open -= 1;
      }
    },
  };
}
