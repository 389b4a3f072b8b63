import { VERDICT_WORDS, type UnitSystem, type Verdict } from '@deep-mend/core';
import type { Fill, Pen, Shape, Sheet, SheetLayer } from '../DisplayList.ts';
import { sameLayer, sameList } from '../same.ts';
import { box, level, upright, words, type Letters } from '../shapes.ts';
import { VERDICT_INK, verdictMark } from '../verdictMark.ts';
import type { LadderRow } from './ladderLayout.ts';
import type { PlateLayout } from './plateLayout.ts';
import { AXIS_PEN, EDGE_PEN } from './sectionSheet.ts';

/** One rung of the sheet: what is pointed at as one. */
export interface LadderRung {
  key: string;
  /** The way that it stands for, and the first of its variants. */
  routeId: string;
  firstId: string;
  /** Its name, verdict and metal left, for those who cannot see it. */
  label: string;
  chosen: boolean;
  layer: SheetLayer;
}

/** The ladder in the order in which it is painted: what stands behind the rungs, their words, the metal that they take. */
export interface LadderSheet extends Pick<Sheet, 'width' | 'height'> {
  behind: SheetLayer[];
  rungs: LadderRung[];
  bars: SheetLayer[];
}

const BAR_PT = 14;
const MARK_PT = 16;
const MARK_WIDTH_PT = 2.56;

const FIELD = { ink: 'scribe', opacity: 0 } as const satisfies Fill;
const CHOSEN_FIELD = { ink: 'scribe', opacity: 0.16 } as const satisfies Fill;
const CLEAN_UP_PEN: Pen = { ink: 'scribe', width: 1.3, dash: [2, 3] };
const SCALE_PEN: Pen = { ink: 'faint', width: 1 };

const HEADING: Letters = { sizePt: 12, ink: 'faint', font: 'label' };
const CLEAN_UP: Letters = { ...HEADING, ink: 'scribe' };
const TOO_NEAR: Letters = { ...HEADING, ink: 'fails' };
const NUMERAL: Letters = { sizePt: 12, ink: 'faint' };
const RESERVE: Letters = { sizePt: 14, ink: 'scribe' };
const FIRST = [{ text: 'first', sizePt: 11, gapPt: 6, ink: 'chalk', bold: true }] as const;

/** Looks by verdict, made once. */
const byVerdict = <T>(look: (verdict: Verdict) => T) =>
  Object.fromEntries((Object.keys(VERDICT_INK) as Verdict[]).map((verdict) => [verdict, look(verdict)])) as Readonly<
    Record<Verdict, T>
  >;
const VERDICT_LETTERS = byVerdict((verdict): Letters => ({ sizePt: 13.5, ink: VERDICT_INK[verdict] }));
const LEADER_PEN = byVerdict((verdict): Pen => ({ ink: VERDICT_INK[verdict], width: 1, opacity: 0.6 }));
const BAR_PEN = byVerdict((verdict): Pen => ({ ink: VERDICT_INK[verdict], width: 1 }));
/** What uses the cut that is there takes no metal: a stroke at its end. */
const STROKE_PEN = byVerdict((verdict): Pen => ({ ink: VERDICT_INK[verdict], width: 2.4 }));
const CHOSEN_BAR_PEN: Pen = { ink: 'chalk', width: 2 };
const BAR_FILL = byVerdict((verdict): Fill => ({
  ink: VERDICT_INK[verdict],
  opacity: verdict === 'does-not-hold' ? 0.3 : 1,
}));

/** Where no cut may come: too near to the edge. */
function forbiddenShapes({ forbiddenX, rightX, top, axisY }: PlateLayout['ladder']): Shape[] {
  if (forbiddenX === null) return [];
  return [
    box('forbidden', [forbiddenX, top - 4], [rightX - forbiddenX, axisY - top + 4], { fill: { lining: 'forbidden' } }),
    words('too near', [rightX - 2, top - 10], 'too near', TOO_NEAR, 'end'),
  ];
}

function behindLayers({ ladder, axisX, halfSection }: PlateLayout): SheetLayer[] {
  const { edgeX, cleanUpX, statusX, top, axisY } = ladder;
  const metalLeft = halfSection ? 'metal left' : 'verdict · metal left';
  const nearAxis = cleanUpX - axisX < 60;
  return [
    {
      id: 'lines',
      shapes: [
        upright('axis', axisX, 0, axisY, AXIS_PEN),
        ...(edgeX === null ? [] : [upright('edge', edgeX, 0, axisY, EDGE_PEN)]),
        ...forbiddenShapes(ladder),
        words('metal left', [statusX, top - 10], metalLeft, HEADING),
      ],
    },
    {
      id: 'clean-up',
      at: [cleanUpX, 0],
      shapes: [
        words('cleans up', [0, top - 10], 'cleans up', CLEAN_UP, nearAxis ? 'start' : 'middle'),
        upright('clean-up', 0, top - 5, axisY, CLEAN_UP_PEN),
      ],
    },
  ];
}

const reservePercent = ({ rung }: LadderRow): number | null =>
  rung.route.reserve.ratio === null ? null : Math.round(100 * rung.route.reserve.ratio);

function rungShapes(row: LadderRow, layout: PlateLayout, chosen: boolean): Shape[] {
  const { rung, y } = row;
  const { width, halfSection: half, ladder } = layout;
  const { statusX, rowHeight } = ladder;
  const { verdict } = rung;
  const percent = reservePercent(row);
  const low = y + (half ? 33 : rowHeight / 2 + 4);
  const name: Letters = {
    sizePt: 14.5,
    ink: verdict === 'does-not-hold' && !chosen ? 'faint' : 'scribe',
    bold: chosen || rung.isFirst,
    ...(half ? { halo: 'ground' } : {}),
  };
  const first = rung.isFirst ? FIRST : undefined;
  const shapes: Shape[] = [
    // Seen or not, it takes the pointer.
    box('field', [6, y], [width - 12, rowHeight - 2], { fill: chosen ? CHOSEN_FIELD : FIELD, roundPt: 4 }),
    words('name', [14, y + (half ? 18 : rowHeight / 2 + 4)], rung.title, name, 'start', first),
    verdictMark(verdict, {
      at: [statusX, y + (half ? 20 : rowHeight / 2 - 8)],
      sizePt: MARK_PT,
      widthPt: MARK_WIDTH_PT,
      ink: VERDICT_INK[verdict],
    }),
  ];
  if (!half) shapes.push(words('verdict', [statusX + 22, low], VERDICT_WORDS[verdict], VERDICT_LETTERS[verdict]));
  shapes.push(words('reserve', [width - 16, low], percent === null ? 'unknown' : `${percent} %`, RESERVE, 'end'));
  return shapes;
}

function rungOf(row: LadderRow, layout: PlateLayout, selectedKey: string | null): LadderRung {
  const { key, title, verdict, route, variants } = row.rung;
  const chosen = key === selectedKey;
  const percent = reservePercent(row);
  return {
    key,
    routeId: route.id,
    firstId: variants[0]!.id,
    label: `${title}: ${VERDICT_WORDS[verdict]}${percent === null ? '' : `, ${percent} % of the metal left`}`,
    chosen,
    layer: { id: key, shapes: rungShapes(row, layout, chosen) },
  };
}

/** The ring of metal that a rung takes, from its drill to its outermost cut. */
function barLayer(row: LadderRow, { axisX, scale, halfSection, ladder }: PlateLayout, chosen: boolean): SheetLayer {
  const { rung, drillMm, outerMm, cutsMetal } = row;
  const { verdict } = rung;
  const [drill, outer] = [drillMm * scale, outerMm * scale];
  const pen = chosen ? CHOSEN_BAR_PEN : BAR_PEN[verdict];
  return {
    id: `bar ${rung.key}`,
    at: [axisX, row.y + (halfSection ? 27 : ladder.rowHeight / 2 - BAR_PT / 2)],
    shapes: [
      level('leader', BAR_PT / 2, 0, cutsMetal ? drill : outer, LEADER_PEN[verdict]),
      cutsMetal
        ? box('bar', [drill, 0], [Math.max(0, outer - drill), BAR_PT], { fill: BAR_FILL[verdict], pen })
        : upright('bar', outer, 0, BAR_PT, STROKE_PEN[verdict]),
    ],
  };
}

/** Round diameters along the axis, in the reader's unit. */
function axisLayer({ ladder, axisX, halfSection }: PlateLayout, units: UnitSystem): SheetLayer {
  const { axisY, rightX, axisTicks } = ladder;
  return {
    id: 'axis',
    at: [0, axisY],
    shapes: [
      level('axis', 0, axisX, rightX, SCALE_PEN),
      ...axisTicks.map(({ x, numeral }) => upright(`tick ${numeral}`, x, 0, 5, SCALE_PEN)),
      ...axisTicks.map(({ x, numeral }) => words(`numeral ${numeral}`, [x, 18], numeral, NUMERAL, 'middle')),
      words('axis name', [axisX - 12, 18], halfSection ? `ø ${units}` : `diameter, ${units}`, HEADING, 'end'),
    ],
  };
}

/** The metal ladder: one rung for each distinct cut, under the metal that it would take. */
export function ladderSheet(layout: PlateLayout, units: UnitSystem, selectedKey: string | null): LadderSheet {
  const { width, ladder } = layout;
  return {
    width,
    height: ladder.height,
    behind: behindLayers(layout),
    rungs: ladder.rows.map((row) => rungOf(row, layout, selectedKey)),
    bars: [...ladder.rows.map((row) => barLayer(row, layout, row.rung.key === selectedKey)), axisLayer(layout, units)],
  };
}

const sameRung = (a: LadderRung, b: LadderRung): boolean =>
  a.key === b.key &&
  a.routeId === b.routeId &&
  a.firstId === b.firstId &&
  a.label === b.label &&
  a.chosen === b.chosen &&
  sameLayer(a.layer, b.layer);

/** Whether two ladders paint and do the same. */
export const sameLadder = (a: LadderSheet, b: LadderSheet): boolean =>
  a.width === b.width &&
  a.height === b.height &&
  sameList(a.behind, b.behind, sameLayer) &&
  sameList(a.rungs, b.rungs, sameRung) &&
  sameList(a.bars, b.bars, sameLayer);
