import { formatLengthWithUnit, inchToMm, type ParsedLength } from '../../basis/units/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import type { QuantityId } from './quantities.ts';

/** Where a reading usually lies, in diameters of the thread (our estimate). Outside it a slip is worth asking about. */
const USUAL_IN_DIAMETERS: Readonly<Record<QuantityId, readonly [low: number, high: number]>> = {
  depth: [0.3, 12],
  'damage-to': [0, 12],
  'bore-a': [0.7, 1.8],
  'bore-b': [0.7, 1.8],
  edge: [0.6, 40],
  'bore-a-deep': [0.7, 1.8],
  'bore-b-deep': [0.7, 1.8],
  'offset-along': [0, 0.5],
  'offset-across': [0, 0.5],
  'edge-2': [0.6, 60],
  boss: [1.2, 40],
  floor: [0.4, 20],
  lean: [0, 1],
  'earlier-cut': [0.9, 2.2],
  proud: [0, 10],
  sunk: [0, 10],
  'core-offset': [0, 0.5],
  'stuck-length': [0.3, 15],
  'core-bore': [0.2, 1.1],
  'core-projection': [1, 30],
  'core-bored': [0.7, 1.1],
  headroom: [2, 300],
  'side-room': [0.6, 300],
  countersink: [0, 2],
  grip: [0, 20],
  'end-room': [0, 100],
  'mate-hole': [0.9, 2],
  'screw-reach': [0.3, 12],
};

/** Slips that are seen most: the decimal point lost or one place off, the other system taken. */
const SLIPS: readonly { factor: number; unit: 'typed' | 'mm' | 'in' }[] = [
  { factor: 10, unit: 'typed' },
  { factor: 1 / 10, unit: 'typed' },
  { factor: 1 / 100, unit: 'typed' },
  { factor: inchToMm(1), unit: 'in' },
  { factor: 1 / inchToMm(1), unit: 'mm' },
];

/**
 * Asks in words about a reading that is possible but unlikely for this thread, when one usual slip would make it likely:
 * “0.45 in, or 4.5 in?”. Null when nothing is odd, or no slip explains it. It never changes what was typed.
 * @example questionReading('bore-a', { text: '66', mm: 66, notation: 'mm', bare: true }, threadById('M8x1.25')) // 'Is it 66 mm, or 6.6 mm?'
 */
export function questionReading(quantity: QuantityId, read: ParsedLength, thread: Thread): string | null {
  const [low, high] = USUAL_IN_DIAMETERS[quantity].map((share) => share * thread.majorMm) as [number, number];
  const likely = (mm: number) => mm >= low && mm <= high;
  if (likely(read.mm)) return null;
  const slip = SLIPS.find(({ factor }) => likely(read.mm * factor));
  if (!slip) return null;
  const typed = read.notation === 'mm' ? 'mm' : 'in';
  const unit = slip.unit === 'typed' ? typed : slip.unit;
  return `Is it ${formatLengthWithUnit(read.mm, typed)}, or ${formatLengthWithUnit(read.mm * slip.factor, unit)}?`;
}
