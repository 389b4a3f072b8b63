import type { CaseInputs, QuantityId } from '../../judge/hole/index.ts';
import type { HoleFile } from '../events/index.ts';

/** A casting's core shifts in its mould: what a drawing says of a wall is in doubt by so much more, mm (our estimate). */
const CORE_SHIFT_MM = 1;
const CAST_TO: readonly QuantityId[] = ['edge', 'edge-2', 'floor'];

/** The inputs of a file as recorded: what a case is built from. */
export function inputsOf(file: Pick<HoleFile, 'choices' | 'live' | 'generations'>): CaseInputs {
  const readings: CaseInputs['readings'] = {};
  for (const entry of Object.values(file.live)) {
    const shiftMm = entry.instrument === 'drawing' && CAST_TO.includes(entry.quantity) ? CORE_SHIFT_MM : 0;
    readings[entry.quantity] = { mm: entry.mm, halfWidthMm: entry.halfWidthMm + shiftMm };
  }
  return { choices: file.choices, readings, generations: file.generations };
}
