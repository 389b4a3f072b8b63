import type { CureWait } from '../../plan/routes/index.ts';
import type { Clock } from '../events/HoleFile.ts';

/**
 * How the clock to full strength stood at a moment: the last one that was started counts. One that somebody ended before it was
 * due may stand by the compound's own sheet; nobody knows here.
 * @param at - ISO, UTC
 * @example cureWaitAt([], '2026-01-02T10:00:00.000Z') // 'none'
 */
export function cureWaitAt(clocks: readonly Pick<Clock, 'cures' | 'dueAt' | 'endedAt'>[], at: string): CureWait {
  const last = clocks.findLast(({ cures }) => cures === 'full');
  if (!last) return 'none';
  const [due, now] = [Date.parse(last.dueAt), Date.parse(at)];
  if (last.endedAt !== null && Date.parse(last.endedAt) < due) return 'broken-off';
  return now >= due ? 'over' : 'running';
}
