import { BENCH_INSTRUMENT_KINDS } from '@deep-mend/core';
import { z } from 'zod';

/** One instrument that sends what it reads. */
export const BenchInstrument = z
  .strictObject({
    id: z.string().regex(/^[\w-]{1,40}$/),
    kind: z.enum(BENCH_INSTRUMENT_KINDS),
    name: z.string().min(1).max(60),
    unit: z.enum(['mm', 'in', 'Nm', 'lbf·ft', '°C', '°F']),
    /** It is a stand-in: what it sends is made up. */
    simulated: z.boolean(),
  })
  .meta({ id: 'BenchInstrument' });
export type BenchInstrument = z.infer<typeof BenchInstrument>;

/** What it shows at one moment, as it shows it. */
export const InstrumentReading = z
  .strictObject({ text: z.string().regex(/^-?\d{1,6}(\.\d{1,4})?$/), unit: BenchInstrument.shape.unit })
  .meta({ id: 'InstrumentReading' });
export type InstrumentReading = z.infer<typeof InstrumentReading>;

export const StreamQuery = z.strictObject({
  instrument: BenchInstrument.shape.id,
  /** What lies under it, about: for a stand-in, which has nothing to measure. In its own unit. */
  near: z.coerce.number().min(-1000).max(10_000).optional(),
});
