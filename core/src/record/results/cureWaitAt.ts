import type { RecordedResult } from './compareResult.ts';
import type { CureWait } from '../../plan/routes/index.ts';

/** A clock as far as a cure looks at it. */
interface CureClock {
  cures?: 'firm' | 'full' | undefined;
  startedAt: string;
  /** ISO, UTC; null: it runs, or is due and nobody has looked. */
  dueAt: string;
  endedAt: string | null;
}

/**
 * How the clock to full strength stood at a moment: the last one that was started counts. One that somebody ended before it was
 * due may stand by the compound's own sheet; nobody knows here.
 * @param at - ISO, UTC
 * @example cureWaitAt([], '2026-01-02T10:00:00.000Z') // 'none'
 */
export function cureWaitAt(clocks: readonly CureClock[], at: string): CureWait {
  const last = clocks.findLast(
    // One that was due before it began has timed nothing.
    ({ cures, startedAt, dueAt }) => cures === 'full' && Date.parse(dueAt) > Date.parse(startedAt),
  );
  if (!last) return 'none';
  const [due, now] = [Date.parse(last.dueAt), Date.parse(at)];
  if (last.endedAt !== null && Date.parse(last.endedAt) < due) return 'broken-off';
  return now >= due ? 'over' : 'running';
}

/** Results as they are recorded at a moment: of what cures the clock tells whether it had its time, not the answer. */
export const stampCured = (
  results: readonly RecordedResult[],
  clocks: readonly CureClock[],
  at: string,
): RecordedResult[] =>
  results.map((row) => (row.id === 'cured' && row.passed ? { ...row, wait: cureWaitAt(clocks, at) } : row));
