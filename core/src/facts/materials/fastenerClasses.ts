import { InputError } from '../../basis/numeric/index.ts';
import { FASTENER_CLASSES, type FastenerClassRow } from './tables/fastenerClasses.ts';

/** The ids and names of the classes, each once, in the table's order. */
export const FASTENER_CLASS_NAMES: readonly { id: string; name: string; system: 'metric' | 'inch' }[] =
  FASTENER_CLASSES.filter((row, index) => FASTENER_CLASSES.findIndex((other) => other.id === row.id) === index).map(
    ({ id, name, system }) => ({ id, name, system }),
  );

/** Whether a class is one of stainless steel (ISO 3506: A2, A4). @example isStainless('A2-70') // true */
export const isStainless = (classId: string | null | undefined): boolean => classId?.startsWith('A') ?? false;

/**
 * Strengths of a class at a diameter. Throws `unknown-fastener-class`.
 * @example fastenerClass('8.8', 20).tensileMpa // 830
 */
export function fastenerClass(id: string, majorMm: number): FastenerClassRow {
  const row = FASTENER_CLASSES.find((candidate) => candidate.id === id && majorMm <= candidate.toMajorMm + 1e-9);
  if (!row)
    throw new InputError(
      'unknown-fastener-class',
      id,
      FASTENER_CLASS_NAMES.map((name) => name.id),
    );
  return row;
}
