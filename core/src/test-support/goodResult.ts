import type { Expectation } from '../plan/proof/index.ts';
import type { RecordedResult } from '../record/results/index.ts';

/** What a careful hand finds of one proof: inside its limits. */
export function goodResult({ id, kind, lowMm, highMm, mostTurns, leastNm, leastN }: Expectation): RecordedResult {
  if (kind === 'turns') return { id, turns: mostTurns! };
  if (kind === 'torque') return { id, nm: leastNm! };
  if (kind === 'load') return { id, n: leastN! };
  if (id === 'cured') return { id, passed: true, wait: 'over' };
  if (kind === 'pass-fail') return { id, passed: true };
  return { id, mm: highMm === null ? lowMm! + 0.4 : (lowMm! + highMm) / 2 };
}
