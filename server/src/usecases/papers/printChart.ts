import type { ChartQuery } from '@deep-mend/contract';
import {
  CHART_SHEETS,
  drillChart,
  formatLength,
  PRECISION,
  shopRulesOf,
  TAP_DRILL_RULES,
  threadChart,
  type UnitSystem,
} from '@deep-mend/core';
import { tablePages, type PaperTable } from '@deep-mend/drawing';
import { measure } from '../../files/pdf/letters.ts';
import { pdfOf } from '../../files/pdf/pdfOf.ts';
import type { Context } from '../Context.ts';
import { readShop } from '../shop/settings.ts';

type Answering = Parameters<typeof drillChart>[0];

const percent = (share: number): string => `${(share * 100).toFixed(1)} %`;

function threads(
  sheet: (typeof CHART_SHEETS)[number],
  shop: Answering,
  units: UnitSystem,
): Omit<PaperTable, 'under' | 'foot'> {
  const limit = (mm: number) => formatLength(mm, units, PRECISION.limit[units]);
  return {
    title: sheet.title,
    columns: [
      'Thread',
      'Tap drill',
      'of full thread',
      `Bored minor, ${units}`,
      'Screw through, close',
      'normal',
      'Bore for a coil',
    ],
    bold: 1,
    rows: threadChart(sheet.id, shop).map((row) => [
      row.thread.designation,
      row.tapDrill?.drill.id ?? 'none in the rack',
      row.tapDrill ? percent(row.tapDrill.share) : '',
      `${limit(row.minorMinMm)} to ${limit(row.minorMaxMm)}`,
      formatLength(row.closeMm, units),
      formatLength(row.normalMm, units),
      row.coilBoreMm === null ? '' : limit(row.coilBoreMm),
    ]),
  };
}

const drills = (shop: Answering, units: UnitSystem): Omit<PaperTable, 'under' | 'foot'> => ({
  title: 'Drills in the rack',
  columns: ['Drill', units, 'Taps'],
  bold: 0,
  rows: drillChart(shop).map(({ drill, taps }) => [
    drill.id,
    formatLength(drill.diameterMm, units, PRECISION.bore[units]),
    taps.map(({ thread }) => thread.designation).join(', '),
  ]),
});

/** The shop's own chart on paper: by its own rule, from its own rack. */
export async function printChart(context: Context, query: ChartQuery): Promise<Uint8Array> {
  const { settings } = await readShop(context);
  const units = query.units ?? settings.units;
  const shop: Answering = { ...shopRulesOf(settings), units };
  const sheet = CHART_SHEETS.find(({ id }) => id === query.sheet);
  const rule = TAP_DRILL_RULES.find(({ id }) => id === settings.rules.tapDrill)!;
  const made = context.now();
  const table: PaperTable = {
    ...(sheet ? threads(sheet, shop, units) : drills(shop, units)),
    under: `${settings.name}. Tap drill: ${rule.onChart}, from the drills in the rack. A clearance drill is not a tap drill.`,
    foot: `Made ${made.toISOString().slice(0, 10)} from the shop’s own rack and rules.`,
  };
  return pdfOf(tablePages(table, query.paper, measure), { title: table.title, made });
}
