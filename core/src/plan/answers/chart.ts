import { clearanceHoles, rackDrills, type RackDrill, type TapDrill } from '../../facts/drills/index.ts';
import { coilHole, coilIsMadeFor } from '../../facts/inserts/index.ts';
import { internalLimits, THREADS, type Thread, type ThreadSeries } from '../../facts/threads/index.ts';
import { drillCard } from './cards/drillCard.ts';
import type { AnswerShop } from './AnswerShop.ts';
import { threadCard } from './cards/threadCard.ts';

/** Series as they are printed on one sheet. */
export const CHART_SHEETS = [
  { id: 'metric-coarse', title: 'Metric coarse', series: ['coarse'] },
  { id: 'metric-fine', title: 'Metric fine', series: ['fine', 'fittings'] },
  { id: 'unc', title: 'UNC', series: ['UNC'] },
  { id: 'unf', title: 'UNF and UNEF', series: ['UNF', 'UNEF'] },
  { id: 'un', title: '8, 12 and 16 UN', series: ['UN'] },
  { id: 'british', title: 'BSW and BSF', series: ['BSW', 'BSF'] },
  { id: 'ba', title: 'BA', series: ['BA'] },
  { id: 'british-fine', title: 'Cycle, brass and model engineers’', series: ['cycle', 'brass', 'ME'] },
  { id: 'pipe', title: 'Parallel pipe', series: ['G'] },
  { id: 'conduit', title: 'Steel conduit', series: ['Pg'] },
  { id: 'power', title: 'Acme and trapezoidal', series: ['Acme', 'Tr'] },
] as const satisfies readonly { id: string; title: string; series: readonly ThreadSeries[] }[];
export type ChartSheetId = (typeof CHART_SHEETS)[number]['id'];

/** One line of the shop's own thread chart. */
export interface ThreadChartRow {
  thread: Thread;
  tapDrill: TapDrill | null;
  minorMinMm: number;
  minorMaxMm: number;
  closeMm: number;
  normalMm: number;
  coilBoreMm: number | null;
}

/**
 * The shop's own thread chart: by its own rule and from its own rack.
 * @example threadChart('unc', { rules: DEFAULT_HOUSE_RULES, rack: FULL_RACK, bareUnit: 'mm' }).length // 23
 */
export function threadChart(sheet: ChartSheetId, shop: AnswerShop): ThreadChartRow[] {
  const series: readonly ThreadSeries[] = CHART_SHEETS.find((row) => row.id === sheet)!.series;
  return THREADS.filter((thread) => series.includes(thread.series)).map((thread) => {
    const { minorMinMm, minorMaxMm } = internalLimits(thread);
    const { closeMm, normalMm } = clearanceHoles(thread);
    return {
      thread,
      tapDrill: threadCard(thread, shop, { parent: null, depthMm: null, share: null }).tapDrill.best,
      minorMinMm,
      minorMaxMm,
      closeMm,
      normalMm,
      coilBoreMm: coilIsMadeFor(thread) ? coilHole(thread).minorMinMm : null,
    };
  });
}

/** One line of the shop's drill chart. */
export interface DrillChartRow {
  drill: RackDrill;
  taps: { thread: Thread; share: number }[];
}

/** Most threads that a line has room for. */
const TAPS_A_LINE = 3;

/** The drills that the shop owns, ascending, with what each taps. */
export function drillChart(shop: AnswerShop): DrillChartRow[] {
  return rackDrills(shop.rack).map((drill) => ({
    drill,
    taps: drillCard(drill.diameterMm, false, shop, null)
      .taps.filter((row) => row.judgement === 'fits')
      .slice(0, TAPS_A_LINE),
  }));
}
