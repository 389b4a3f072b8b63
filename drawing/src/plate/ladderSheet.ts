import { VERDICT_WORDS, type UnitSystem } from '@deep-mend/core';
import type { Shape, Sheet, SheetLayer, Words } from '../DisplayList.ts';
import { VERDICT_INK, verdictMark } from '../verdictMark.ts';
import type { LadderRow } from './ladderLayout.ts';
import type { PlateLayout } from './plateLayout.ts';
import { AXIS_PEN, EDGE_PEN, upright } from './sectionSheet.ts';

const BAR_PT = 14;
const HEADING_PT = 12;

/** One rung of the sheet: what is pointed at as one. */
export interface LadderRung {
  key: string;
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

const heading = (words: Pick<Words, 'id' | 'at' | 'anchor' | 'text' | 'ink'>): Shape => ({
  ...words,
  kind: 'text',
  sizePt: HEADING_PT,
  font: 'label',
});

/** Where no cut may come: too near to the edge. */
function forbiddenShapes({ forbiddenX, rightX, top, axisY }: PlateLayout['ladder']): Shape[] {
  if (forbiddenX === null) return [];
  return [
    {
      kind: 'box',
      id: 'forbidden',
      at: [forbiddenX, top - 4],
      width: rightX - forbiddenX,
      height: axisY - top + 4,
      fill: { lining: 'forbidden' },
    },
    heading({ id: 'too near', at: [rightX - 2, top - 10], anchor: 'end', text: 'too near', ink: 'fails' }),
  ];
}

function behindLayers({ ladder, axisX, halfSection }: PlateLayout): SheetLayer[] {
  const { edgeX, cleanUpX, statusX, top, axisY } = ladder;
  return [
    {
      id: 'lines',
      shapes: [
        upright('axis', axisX, 0, axisY, AXIS_PEN),
        ...(edgeX === null ? [] : [upright('edge', edgeX, 0, axisY, EDGE_PEN)]),
        ...forbiddenShapes(ladder),
        heading({
          id: 'metal left',
          at: [statusX, top - 10],
          anchor: 'start',
          text: halfSection ? 'metal left' : 'verdict · metal left',
          ink: 'faint',
        }),
      ],
    },
    {
      id: 'clean-up',
      at: [cleanUpX, 0],
      shapes: [
        heading({
          id: 'cleans up',
          at: [0, top - 10],
          anchor: cleanUpX - axisX < 60 ? 'start' : 'middle',
          text: 'cleans up',
          ink: 'scribe',
        }),
        upright('clean-up', 0, top - 5, axisY, { ink: 'scribe', width: 1.3, dash: [2, 3] }),
      ],
    },
  ];
}

const reservePercent = ({ rung }: LadderRow): number | null =>
  rung.route.reserve.ratio === null ? null : Math.round(100 * rung.route.reserve.ratio);

function rungWords(row: LadderRow, layout: PlateLayout, chosen: boolean): Shape[] {
  const { rung, y } = row;
  const { width, halfSection: half, ladder } = layout;
  const { statusX, rowHeight } = ladder;
  const ink = VERDICT_INK[rung.verdict];
  const percent = reservePercent(row);
  const low = y + (half ? 33 : rowHeight / 2 + 4);
  const words: Pick<Words, 'kind' | 'font'> = { kind: 'text', font: 'drawing' };
  return [
    {
      kind: 'box',
      id: 'field',
      at: [6, y],
      width: width - 12,
      height: rowHeight - 2,
      roundPt: 4,
      // Seen or not, it takes the pointer.
      fill: { ink: 'scribe', opacity: chosen ? 0.16 : 0 },
    },
    {
      ...words,
      id: 'name',
      at: [14, y + (half ? 18 : rowHeight / 2 + 4)],
      anchor: 'start',
      text: rung.title,
      sizePt: 14.5,
      ink: rung.verdict === 'does-not-hold' && !chosen ? 'faint' : 'scribe',
      bold: chosen || rung.isFirst,
      ...(half ? { halo: 'ground' } : {}),
      ...(rung.isFirst ? { then: [{ text: 'first', sizePt: 11, gapPt: 6, ink: 'chalk', bold: true }] } : {}),
    },
    verdictMark(rung.verdict, {
      at: [statusX, y + (half ? 20 : rowHeight / 2 - 8)],
      sizePt: 16,
      widthPt: 2.56,
      ink,
    }),
    ...(half
      ? []
      : [
          {
            ...words,
            id: 'verdict',
            at: [statusX + 22, low] as const,
            anchor: 'start' as const,
            text: VERDICT_WORDS[rung.verdict],
            sizePt: 13.5,
            ink,
          },
        ]),
    {
      ...words,
      id: 'reserve',
      at: [width - 16, low],
      anchor: 'end',
      text: percent === null ? 'unknown' : `${percent} %`,
      sizePt: 14,
      ink: 'scribe',
    },
  ];
}

function rungOf(row: LadderRow, layout: PlateLayout, selectedKey: string | null): LadderRung {
  const { key, title, verdict } = row.rung;
  const chosen = key === selectedKey;
  const percent = reservePercent(row);
  return {
    key,
    label: `${title}: ${VERDICT_WORDS[verdict]}${percent === null ? '' : `, ${percent} % of the metal left`}`,
    chosen,
    layer: { id: key, shapes: rungWords(row, layout, chosen) },
  };
}

/** The ring of metal that a rung takes, from its drill to its outermost cut. */
function barLayer(row: LadderRow, { axisX, scale, halfSection, ladder }: PlateLayout, chosen: boolean): SheetLayer {
  const { rung, drillMm, outerMm, cutsMetal } = row;
  const y = row.y + (halfSection ? 27 : ladder.rowHeight / 2 - BAR_PT / 2);
  const ink = VERDICT_INK[rung.verdict];
  const [drill, outer] = [drillMm * scale, outerMm * scale];
  return {
    id: `bar ${rung.key}`,
    at: [axisX, y],
    shapes: [
      {
        kind: 'polyline',
        id: 'leader',
        closed: false,
        points: [
          [0, BAR_PT / 2],
          [cutsMetal ? drill : outer, BAR_PT / 2],
        ],
        pen: { ink, width: 1, opacity: 0.6 },
      },
      cutsMetal
        ? {
            kind: 'box',
            id: 'bar',
            at: [drill, 0],
            width: Math.max(0, outer - drill),
            height: BAR_PT,
            fill: { ink, opacity: rung.verdict === 'does-not-hold' ? 0.3 : 1 },
            pen: chosen ? { ink: 'chalk', width: 2 } : { ink, width: 1 },
          }
        : upright('bar', outer, 0, BAR_PT, { ink, width: 2.4 }),
    ],
  };
}

/** Round diameters along the axis, in the reader's unit. */
function axisLayers({ ladder, axisX, halfSection }: PlateLayout, units: UnitSystem): SheetLayer[] {
  const { axisY, rightX, axisTicks } = ladder;
  const pen = { ink: 'faint', width: 1 } as const;
  return [
    {
      id: 'axis',
      at: [0, axisY],
      shapes: [
        {
          kind: 'polyline',
          id: 'axis',
          closed: false,
          points: [
            [axisX, 0],
            [rightX, 0],
          ],
          pen,
        },
        ...axisTicks.map(({ x, numeral }) => upright(`tick ${numeral}`, x, 0, 5, pen)),
        ...axisTicks.map(({ x, numeral }): Shape => ({
          kind: 'text',
          id: `numeral ${numeral}`,
          at: [x, 18],
          anchor: 'middle',
          text: numeral,
          sizePt: 12,
          ink: 'faint',
          font: 'drawing',
        })),
        heading({
          id: 'axis name',
          at: [axisX - 12, 18],
          anchor: 'end',
          text: halfSection ? `ø ${units}` : `diameter, ${units}`,
          ink: 'faint',
        }),
      ],
    },
  ];
}

/** The metal ladder: one rung for each distinct cut, under the metal that it would take. */
export function ladderSheet(layout: PlateLayout, units: UnitSystem, selectedKey: string | null): LadderSheet {
  const { width, ladder } = layout;
  return {
    width,
    height: ladder.height,
    behind: behindLayers(layout),
    rungs: ladder.rows.map((row) => rungOf(row, layout, selectedKey)),
    bars: [
      ...ladder.rows.map((row) => barLayer(row, layout, row.rung.key === selectedKey)),
      ...axisLayers(layout, units),
    ],
  };
}
