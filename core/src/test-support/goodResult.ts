import type { Expectation } from '../plan/proof/index.ts';
import type { RecordedResult } from '../record/results/index.ts';

/** What a careful hand finds of one proof: inside its limits. */
export function goodResult({ id, kind, lowMm, highMm, mostTurns, leastNm }: Expectation): RecordedResult {
  if (kind === 'pass-fail') return { id, passed: true };
  if (kind === 'turns') return { id, turns: mostTurns! };
  if (kind === 'torque') return { id, nm: leastNm! };
  return { id, mm: highMm === null ? lowMm! + 0.4 : (lowMm! + highMm) / 2 };
}
