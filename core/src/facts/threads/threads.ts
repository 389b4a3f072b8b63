import { CoreError, roundTo } from '../../basis/numeric/index.ts';
import { inchToMm } from '../../basis/units/index.ts';
import { METRIC_COARSE, METRIC_FINE, UNIFIED } from './tables/series.ts';
import type { Hand, Thread, ThreadSeries } from './Thread.ts';

function metric(majorMm: number, pitchMm: number, series: ThreadSeries): Thread {
  return {
    id: `M${majorMm}x${pitchMm}`,
    designation: `M${majorMm} × ${pitchMm}`,
    family: 'metric',
    series,
    majorMm,
    pitchMm,
    threadsPerInch: null,
    majorInch: null,
    formAngleDeg: 60,
    hand: 'right',
    starts: 1,
  };
}

function unified(size: string, majorTenthousandths: number, threadsPerInch: number, series: ThreadSeries): Thread {
  const majorInch = majorTenthousandths / 10_000;
  return {
    id: `${size}-${threadsPerInch}`,
    designation: `${size}-${threadsPerInch} ${series}`,
    family: 'unified',
    series,
    majorMm: roundTo(inchToMm(majorInch), 9),
    pitchMm: inchToMm(1) / threadsPerInch,
    threadsPerInch,
    majorInch,
    formAngleDeg: 60,
    hand: 'right',
    starts: 1,
  };
}

/** Every right-hand thread held, ascending by major diameter, then coarse before fine. */
export const THREADS: readonly Thread[] = [
  ...METRIC_COARSE.map((row) => metric(row.majorMm, row.pitchMm, 'coarse')),
  ...METRIC_FINE.map((row) => metric(row.majorMm, row.pitchMm, 'fine')),
  ...UNIFIED.flatMap((row) =>
    (['UNC', 'UNF', 'UNEF'] as const).flatMap((series) => {
      const threadsPerInch = row[series];
      return threadsPerInch === null ? [] : [unified(row.size, row.majorTenthousandths, threadsPerInch, series)];
    }),
  ),
].sort((a, b) => a.majorMm - b.majorMm || b.pitchMm - a.pitchMm);

const BY_ID = new Map(THREADS.map((thread) => [thread.id, thread]));

/** The same thread cut with the other hand. @example withHand(threadById('M8x1.25'), 'left').id // 'M8x1.25 LH' */
export function withHand(thread: Thread, hand: Hand): Thread {
  if (thread.hand === hand) return thread;
  const suffix = hand === 'left' ? ' LH' : '';
  return {
    ...thread,
    id: `${thread.id.replace(/ LH$/, '')}${suffix}`,
    designation: `${thread.designation.replace(/ LH$/, '')}${suffix}`,
    hand,
  };
}

/**
 * The thread with this id. Throws `unknown-thread`.
 * @example threadById('M8x1.25').pitchMm // 1.25
 */
export function threadById(id: string): Thread {
  const left = id.endsWith(' LH');
  const thread = BY_ID.get(left ? id.slice(0, -3) : id);
  if (!thread) throw new CoreError('unknown-thread', id, nearestThreadIds(id));
  return left ? withHand(thread, 'left') : thread;
}

/** Up to four ids that start like the text asked for: for a message, not for a guess. */
export function nearestThreadIds(text: string): string[] {
  const head = /^[a-z]?\d+(?: \d+)?(?:[./]\d+)?/i.exec(text.trim())?.[0].toUpperCase() ?? '';
  if (head === '') return [];
  const near = THREADS.filter((t) => t.id.startsWith(`${head}x`) || t.id.startsWith(`${head}-`));
  const looser = near.length > 0 ? near : THREADS.filter((t) => t.id.startsWith(head));
  return looser.slice(0, 4).map((t) => t.id);
}
