import type { ThreadFamily } from '../../facts/threads/index.ts';
import type { MadeIn } from './evidence.ts';

/** How usual a family is on a machine, 0..1, before anything is measured. All figures are our estimate. */
type Usual = Readonly<Record<Exclude<ThreadFamily, 'custom'>, number>>;

const row = (
  metric: number,
  unified: number,
  whitworth: number,
  ba: number,
  pipe55: number,
  npt: number,
  power: number,
): Usual => ({
  metric,
  unified,
  whitworth,
  ba,
  'pipe-parallel': pipe55,
  'pipe-taper': Math.max(pipe55, npt),
  // Cycle threads went where Whitworth went; steel conduit goes with metric machines.
  cycle: whitworth,
  conduit: metric,
  acme: unified >= 0.5 ? power : 0.1,
  trapezoidal: metric >= 0.5 ? power : 0.1,
});

/** Newest first: the first row whose year is not after the machine's holds. */
const BY_REGION: Readonly<Record<MadeIn, readonly { fromYear: number; usual: Usual }[]>> = {
  metric: [{ fromYear: 0, usual: row(1, 0.08, 0.04, 0.02, 0.7, 0.15, 0.5) }],
  'north-america': [
    { fromYear: 1985, usual: row(0.8, 1, 0.02, 0.01, 0.1, 0.8, 0.5) },
    { fromYear: 1970, usual: row(0.3, 1, 0.02, 0.01, 0.1, 0.8, 0.5) },
    { fromYear: 0, usual: row(0.05, 1, 0.04, 0.01, 0.1, 0.8, 0.5) },
  ],
  britain: [
    { fromYear: 1972, usual: row(1, 0.4, 0.15, 0.2, 0.8, 0.1, 0.3) },
    { fromYear: 1948, usual: row(0.15, 0.9, 0.7, 0.8, 0.8, 0.1, 0.3) },
    { fromYear: 0, usual: row(0.05, 0.08, 1, 0.9, 0.8, 0.05, 0.3) },
  ],
};

/**
 * How usual a thread's family is by where and when the machine was made. Without a year the kindest of the region's
 * periods counts. Unified threads came to Britain about 1948, metric about 1972; North America went metric by halves.
 * @example usualOn('whitworth', { region: 'britain', year: 1938 }) // 1
 */
export function usualOn(family: ThreadFamily, made: { region: MadeIn; year: number | null }): number {
  if (family === 'custom') return 0;
  const periods = BY_REGION[made.region];
  if (made.year === null) return Math.max(...periods.map(({ usual }) => usual[family]));
  return periods.find(({ fromYear }) => made.year! >= fromYear)!.usual[family];
}
