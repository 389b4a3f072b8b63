import type { CaseInputs } from '../../judge/hole/index.ts';
import type { HoleFile } from '../events/index.ts';

/** The inputs of a file as recorded: what a case is built from. */
export function inputsOf(file: Pick<HoleFile, 'choices' | 'live' | 'generations'>): CaseInputs {
  const readings: CaseInputs['readings'] = {};
  for (const entry of Object.values(file.live)) {
    readings[entry.quantity] = { mm: entry.mm, halfWidthMm: entry.halfWidthMm };
  }
  return { choices: file.choices, readings, generations: file.generations };
}
