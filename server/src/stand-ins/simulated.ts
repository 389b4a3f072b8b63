import type { BenchInstrument, InstrumentReading } from '@deep-mend/contract';

/** How one instrument behaves: how it reads, and what lies under it when nobody says. In its own unit. */
interface Manner {
  instrument: BenchInstrument;
  decimals: number;
  /** Reading to reading, standard deviation. */
  noise: number;
  /** What it measures differs so far from what was said, standard deviation: a real part is never its drawing. */
  partSpread: number;
  usual: number;
}

const simulated = (
  id: string,
  kind: BenchInstrument['kind'],
  name: string,
  unit: BenchInstrument['unit'],
  rest: Omit<Manner, 'instrument'>,
): Manner => ({ instrument: { id, kind, name, unit, simulated: true }, ...rest });

/** Noise by what such instruments repeat to in one hand (our estimate). */
const MANNERS: readonly Manner[] = [
  simulated('caliper-1', 'caliper', 'Caliper, 150 mm', 'mm', { decimals: 2, noise: 0.01, partSpread: 0.03, usual: 25 }),
  simulated('depth-1', 'depth-gauge', 'Depth gauge', 'mm', { decimals: 2, noise: 0.012, partSpread: 0.1, usual: 20 }),
  simulated('dial-1', 'dial-indicator', 'Dial indicator', 'mm', {
    decimals: 3,
    noise: 0.001,
    partSpread: 0.02,
    usual: 0.05,
  }),
  simulated('torque-1', 'torque-wrench', 'Torque wrench', 'Nm', {
    decimals: 1,
    noise: 0.15,
    partSpread: 0.3,
    usual: 20,
  }),
  simulated('thermo-1', 'thermometer', 'Thermometer', '°C', { decimals: 1, noise: 0.1, partSpread: 0.5, usual: 19 }),
];

export const SIMULATED: readonly BenchInstrument[] = MANNERS.map(({ instrument }) => instrument);

/** While it is brought to the part it shows other things: so many readings, from so far off. */
const CLOSING = { readings: 6, share: 0.35 } as const;

/** Close to a normal one, from three uniform ones: of deviation 1. */
const gauss = (random: () => number): number => 2 * (random() + random() + random() - 1.5);

/**
 * What an instrument shows, reading after reading: first while it is brought to the part, then the part with its noise.
 * @param random - uniform on [0, 1)
 * @throws RangeError - there is no such instrument
 */
export function* simulatedReadings(
  id: string,
  near: number | undefined,
  random: () => number,
): Generator<InstrumentReading, never> {
  const manner = MANNERS.find(({ instrument }) => instrument.id === id);
  if (!manner) throw new RangeError(`no instrument ${id}`);
  const { decimals, noise, partSpread, usual, instrument } = manner;
  const part = (near ?? usual) + partSpread * gauss(random);
  for (let at = 0; ; at += 1) {
    const away = Math.max(0, 1 - at / CLOSING.readings) * CLOSING.share * part;
    yield { text: (part + away + noise * gauss(random)).toFixed(decimals), unit: instrument.unit };
  }
}
