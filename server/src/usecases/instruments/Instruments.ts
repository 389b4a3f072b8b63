import type { BenchInstrument, InstrumentReading } from '@deep-mend/contract';

/** The instruments that stand at the shop's benches, behind whatever brings their readings here. */
export interface Instruments {
  list: () => Promise<BenchInstrument[]>;
  /** What one shows, until `until` is aborted or the instrument goes. @throws Refusal - there is no such one, or too many read */
  stream: (id: string, near: number | undefined, until: AbortSignal) => AsyncIterable<InstrumentReading>;
}
