import {
  explainLengthProblem,
  formatLengthWithUnit,
  parseLength,
  type LengthNotation,
} from '../../basis/units/index.ts';
import { isGauged, quantityRow, type QuantityId } from './quantities.ts';

/** Text and millimetres of one reading agree within this: what is shown to a thousandth is the same. */
const SAME_MM = 0.0005;

/**
 * Why a reading cannot be recorded as it stands: its millimetres are out of its quantity's range, or they are not what its
 * text says. Null: it can.
 * @example readingRefusal({ quantity: 'bore-b', text: '0', notation: 'mm', mm: 0 })?.field // 'mm'
 * @example readingRefusal({ quantity: 'depth', text: '20', notation: 'mm', mm: 20 }) // null
 */
export function readingRefusal({
  quantity,
  text,
  notation,
  mm,
}: {
  quantity: QuantityId;
  text: string;
  notation: LengthNotation;
  mm: number;
}): { field: 'mm' | 'text'; words: string } | null {
  const { name, minMm, maxMm } = quantityRow(quantity);
  if (mm < minMm || mm > maxMm)
    return { field: 'mm', words: `${name} lies between ${minMm} and ${maxMm} mm; this is ${mm} mm.` };
  const read = parseLength(text, {
    bareUnit: notation === 'mm' ? 'mm' : 'in',
    minMm,
    maxMm,
    gauges: isGauged(quantity),
  });
  if (!read.ok) return { field: 'text', words: explainLengthProblem(read.problem) };
  return Math.abs(read.length.mm - mm) <= SAME_MM
    ? null
    : { field: 'text', words: `“${text}” is ${formatLengthWithUnit(read.length.mm, 'mm', 4)}, not ${mm} mm.` };
}
