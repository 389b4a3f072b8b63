import type { Say } from '../../basis/units/index.ts';
import type { RecordedResult } from './compareResult.ts';

/** What was found of one proof, or why it was not done. @example foundWords({ id: 'no-go', turns: 2 }, SAY.mm) // '2 turns' */
export function foundWords({ mm, turns, nm, n, passed, notDone }: RecordedResult, say: Say): string {
  if (notDone !== undefined) return `not done: ${notDone}`;
  if (mm !== undefined) return say.length(mm);
  if (turns !== undefined) return `${turns} ${turns === 1 ? 'turn' : 'turns'}`;
  if (nm !== undefined) return say.torque(nm);
  if (n !== undefined) return say.load(n);
  return passed ? 'yes' : 'no';
}

/** A length that was found of one proof, mm; null: nobody read it, or a stand-in sent it, which is made up. */
export const foundMm = (results: readonly RecordedResult[] | null, id: RecordedResult['id']): number | null =>
  results?.find((row) => row.id === id && !row.simulated)?.mm ?? null;
