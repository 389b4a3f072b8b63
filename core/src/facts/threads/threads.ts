import { InputError, roundTo } from '../../basis/numeric/index.ts';
import { inchToMm } from '../../basis/units/index.ts';
import { customById } from './custom.ts';
import { BRITISH_ASSOCIATION, BRITISH_CONSTANT, CONDUIT, WHITWORTH } from './tables/british.ts';
import { PIPE_55, PIPE_55_BY_PITCH, PIPE_TAPER_60 } from './tables/pipe.ts';
import { ACME, TRAPEZOIDAL } from './tables/power.ts';
import { METRIC_COARSE, METRIC_FINE, METRIC_FITTINGS, UNIFIED, UNIFIED_CONSTANT } from './tables/series.ts';
import type { Hand, Thread, ThreadSeries } from './Thread.ts';

const PLAIN = { hand: 'right', starts: 1, taper: null } as const;

function metric({ majorMm, pitchMm }: { majorMm: number; pitchMm: number }, series: ThreadSeries): Thread {
  return {
    ...PLAIN,
    id: `M${majorMm}x${pitchMm}`,
    designation: `M${majorMm} × ${pitchMm}`,
    family: 'metric',
    series,
    form: 'iso-60',
    majorMm,
    pitchMm,
    threadsPerInch: null,
    majorInch: null,
  };
}

/** Inches of a size as it is written: `3/8`, `1 1/8`, `2`. */
function inchesOf(size: string): number {
  const [whole, fraction] = size.includes('/') ? (size.includes(' ') ? size.split(' ') : ['0', size]) : [size, '0/1'];
  const [top, bottom] = fraction!.split('/').map(Number);
  return Number(whole) + top! / bottom!;
}

function inch(
  row: { size: string; majorInch: number; threadsPerInch: number },
  kind: Pick<Thread, 'family' | 'series' | 'form'>,
): Thread {
  const { size, majorInch, threadsPerInch } = row;
  // The unified series own the bare `3/8-16`; every other inch thread carries its series in its id.
  const id = `${size}-${threadsPerInch}${kind.family === 'unified' ? '' : ` ${kind.series}`}`;
  return {
    ...PLAIN,
    ...kind,
    id,
    designation: `${size}-${threadsPerInch} ${kind.series}`,
    majorMm: roundTo(inchToMm(majorInch), 9),
    pitchMm: inchToMm(1) / threadsPerInch,
    threadsPerInch,
    majorInch,
  };
}

function unified(): Thread[] {
  const kind = (series: ThreadSeries) => ({ family: 'unified', series, form: 'iso-60' }) as const;
  const common = UNIFIED.flatMap((row) =>
    (['UNC', 'UNF', 'UNEF'] as const).flatMap((series) => {
      const threadsPerInch = row[series];
      if (threadsPerInch === null) return [];
      return [inch({ size: row.size, majorInch: row.majorTenthousandths / 10_000, threadsPerInch }, kind(series))];
    }),
  );
  const constant = UNIFIED_CONSTANT.flatMap(({ threadsPerInch, sizes }) =>
    sizes.map((size) => inch({ size, majorInch: inchesOf(size), threadsPerInch }, kind('UN'))),
  );
  return [...common, ...constant];
}

function british(): Thread[] {
  const whitworth = WHITWORTH.flatMap((row) =>
    (['BSW', 'BSF'] as const).flatMap((series) => {
      const threadsPerInch = row[series];
      if (threadsPerInch === null) return [];
      const kind = { family: 'whitworth', series, form: 'whitworth-55' } as const;
      return [inch({ size: row.size, majorInch: inchesOf(row.size), threadsPerInch }, kind)];
    }),
  );
  const association = BRITISH_ASSOCIATION.map((row): Thread => ({
    ...PLAIN,
    id: `${row.number} BA`,
    designation: `${row.number} BA`,
    family: 'ba',
    series: 'BA',
    form: 'ba-47.5',
    majorMm: row.majorMm,
    pitchMm: row.pitchMm,
    threadsPerInch: null,
    majorInch: null,
  }));
  const constant = BRITISH_CONSTANT.flatMap(({ series, threadsPerInch, sizes }) =>
    sizes.map((size) =>
      inch(
        { size, majorInch: inchesOf(size), threadsPerInch },
        series === 'cycle'
          ? { family: 'cycle', series, form: 'cycle-60' }
          : { family: 'whitworth', series, form: 'whitworth-55' },
      ),
    ),
  );
  const conduit = CONDUIT.map(({ size, majorMm, threadsPerInch }): Thread => ({
    ...PLAIN,
    id: `Pg${size}`,
    designation: `Pg ${size}`,
    family: 'conduit',
    series: 'Pg',
    form: 'conduit-80',
    majorMm,
    pitchMm: inchToMm(1) / threadsPerInch,
    threadsPerInch,
    majorInch: null,
  }));
  return [...whitworth, ...association, ...constant, ...conduit];
}

function pipe(): Thread[] {
  const of55 = PIPE_55.flatMap((row) => {
    const base = {
      ...PLAIN,
      form: 'whitworth-55' as const,
      majorMm: row.majorMm,
      pitchMm: PIPE_55_BY_PITCH[row.threadsPerInch].pitchMm,
      threadsPerInch: row.threadsPerInch,
      majorInch: null,
    };
    const name = (letter: string) => ({ id: `${letter}${row.size}`, designation: `${letter} ${row.size}` });
    const parallel: Thread = { ...base, ...name('G'), family: 'pipe-parallel', series: 'G' };
    if (row.taper === null) return [parallel];
    const taper: Thread = { ...base, ...name('R'), family: 'pipe-taper', series: 'R', taper: row.taper };
    return [parallel, taper];
  });
  const of60 = PIPE_TAPER_60.map(({ size, outsideInch, threadsPerInch, handTightInch }): Thread => {
    const pitchInch = 1 / threadsPerInch;
    // Pitch diameter at the gauge plane: E1 = D − (0.05 D + 1.1) P + L1/16; the thread is 0.8 P high.
    const pitchDiameterInch = outsideInch - (0.05 * outsideInch + 1.1) * pitchInch + handTightInch / 16;
    return {
      ...PLAIN,
      id: `${size}-${threadsPerInch} NPT`,
      designation: `${size}-${threadsPerInch} NPT`,
      family: 'pipe-taper',
      series: 'NPT',
      form: 'taper-60',
      majorMm: roundTo(inchToMm(pitchDiameterInch + 0.8 * pitchInch), 9),
      pitchMm: inchToMm(pitchInch),
      threadsPerInch,
      majorInch: null,
      taper: {
        gaugeLengthMm: inchToMm(handTightInch),
        usefulLengthMm: inchToMm((0.8 * outsideInch + 6.8) * pitchInch),
      },
    };
  });
  return [...of55, ...of60];
}

function power(): Thread[] {
  const acme = ACME.map((row) =>
    inch({ ...row, majorInch: inchesOf(row.size) }, { family: 'acme', series: 'Acme', form: 'acme-29' }),
  );
  const trapezoidal = TRAPEZOIDAL.map(({ majorMm, pitchMm }): Thread => ({
    ...PLAIN,
    id: `Tr${majorMm}x${pitchMm}`,
    designation: `Tr ${majorMm} × ${pitchMm}`,
    family: 'trapezoidal',
    series: 'Tr',
    form: 'trapezoidal-30',
    majorMm,
    pitchMm,
    threadsPerInch: null,
    majorInch: null,
  }));
  return [...acme, ...trapezoidal];
}

/** Every right-hand, single-start thread held, ascending by major diameter, then coarse before fine. */
export const THREADS: readonly Thread[] = [
  ...METRIC_COARSE.map((row) => metric(row, 'coarse')),
  ...METRIC_FINE.map((row) => metric(row, 'fine')),
  ...METRIC_FITTINGS.map((row) => metric(row, 'fittings')),
  ...unified(),
  ...british(),
  ...pipe(),
  ...power(),
].sort((a, b) => a.majorMm - b.majorMm || b.pitchMm - a.pitchMm);

const BY_SERIES = new Map<ThreadSeries, Thread[]>();
for (const thread of THREADS) BY_SERIES.set(thread.series, [...(BY_SERIES.get(thread.series) ?? []), thread]);

/** The threads of one series, ascending. @example threadsOf('BA').length // 11 */
export const threadsOf = (series: ThreadSeries): readonly Thread[] => BY_SERIES.get(series) ?? [];

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
 * The same thread with several starts: the pitch stays, the lead grows. Give it a right-hand, single-start thread.
 * @example withStarts(threadById('Tr40x7'), 2).id // 'Tr40x7 2-start'
 */
export function withStarts(thread: Thread, starts: number): Thread {
  if (starts === 1) return thread;
  return {
    ...thread,
    id: `${thread.id} ${starts}-start`,
    designation: `${thread.designation}, ${starts} starts`,
    starts,
  };
}

const ID = /^(.*?)(?: ([2-8])-start)?( LH)?$/;

/**
 * The thread with this id. Throws `unknown-thread`.
 * @example threadById('M8x1.25').pitchMm // 1.25
 * @example threadById('Tr40x7 2-start LH').starts // 2
 */
export function threadById(id: string): Thread {
  const known = BY_ID.get(id);
  if (known) return known;
  const [, base, starts, left] = ID.exec(id)!;
  const thread = BY_ID.get(base!) ?? customById(base!);
  if (!thread) throw new InputError('unknown-thread', id, nearestThreadIds(id));
  return withHand(withStarts(thread, Number(starts ?? 1)), left ? 'left' : 'right');
}

/** Up to four ids that start like the text asked for: for a message, not for a guess. */
export function nearestThreadIds(text: string): string[] {
  const head = /^[a-z]{0,2}\d+(?: \d+)?(?:[./]\d+)?/i.exec(text.trim())?.[0].toUpperCase() ?? '';
  if (head === '') return [];
  const starts = (id: string, ending: string) => id.toUpperCase().startsWith(head + ending);
  const near = THREADS.filter((t) => starts(t.id, 'X') || starts(t.id, '-') || starts(t.id, ' BA'));
  const looser = near.length > 0 ? near : THREADS.filter((t) => starts(t.id, ''));
  return looser.slice(0, 4).map((t) => t.id);
}
