import { formatLengthWithUnit, inchToMm, type ParsedLength } from '../../basis/units/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import { quantityRow, type QuantityId } from './quantities.ts';

/** Slips that are seen most: the decimal point lost or one place off, the other system taken. */
const SLIPS: readonly { factor: number; unit: 'typed' | 'mm' | 'in' }[] = [
  { factor: 10, unit: 'typed' },
  { factor: 1 / 10, unit: 'typed' },
  { factor: 1 / 100, unit: 'typed' },
  { factor: inchToMm(1), unit: 'in' },
  { factor: 1 / inchToMm(1), unit: 'mm' },
];

/** Asks about what was read where it lies outside what is likely, mm, and one usual slip would put it inside; else null. */
export function questionSlip(read: ParsedLength, lowMm: number, highMm: number): string | null {
  const likely = (mm: number) => mm >= lowMm && mm <= highMm;
  if (likely(read.mm)) return null;
  const slip = SLIPS.find(({ factor }) => likely(read.mm * factor));
  if (!slip) return null;
  const typed = read.notation === 'mm' ? 'mm' : 'in';
  const unit = slip.unit === 'typed' ? typed : slip.unit;
  return `Is it ${formatLengthWithUnit(read.mm, typed)}, or ${formatLengthWithUnit(read.mm * slip.factor, unit)}?`;
}

/**
 * Asks in words about a reading that is possible but unlikely for this thread, when one usual slip would make it likely:
 * “0.45 in, or 4.5 in?”. Null when nothing is odd, or no slip explains it. It never changes what was typed.
 * @example questionReading('bore-a', { text: '66', mm: 66, notation: 'mm', bare: true }, threadById('M8x1.25')) // 'Is it 66 mm, or 6.6 mm?'
 */
export function questionReading(quantity: QuantityId, read: ParsedLength, thread: Thread): string | null {
  const [low, high] = quantityRow(quantity).usualD.map((share) => share * thread.majorMm) as [number, number];
  return questionSlip(read, low, high);
}
