import { choiceOf } from '../../judge/hole/index.ts';
import { openMendOf, type HoleFile } from '../events/index.ts';

/** Where a mend is to go on. */
export const MEND_STATIONS = ['measure', 'free', 'decide', 'prepare', 'prove'] as const;
export type MendStation = (typeof MEND_STATIONS)[number];

/**
 * The station at which an open mend goes on; null where none is open. Precedence: something stuck goes before all else,
 * whatever was planned; then what is proved, planned, known.
 */
export function stationOf(file: Pick<HoleFile, 'mends' | 'choices' | 'live'>): MendStation | null {
  const mend = openMendOf(file);
  if (!mend) return null;
  const { choices, live } = file;
  if (choiceOf(choices, 'stuck') !== 'none') return 'free';
  if (mend.results) return 'prove';
  if (mend.plan) return 'prepare';
  return choices.threadId && choices.parentId && live.depth ? 'decide' : 'measure';
}
