import {
  formatLength,
  MM_PER_INCH,
  type CoreWindow,
  type HarmOfDrill,
  type UnitSystem,
  PRECISION,
} from '@deep-mend/core';
import { scaleLinear } from 'd3-scale';
import type { Ink, Pen, Point, Shape, Sheet, Words } from '../DisplayList.ts';
import { level, line, upright, words, type Letters } from '../shapes.ts';

export interface HarmChartInput {
  /** Ascending. */
  drills: readonly HarmOfDrill[];
  window: CoreWindow;
  recommendedMm: number | null;
  /** Whether there is a void beside the hole to be opened. */
  withVoid: boolean;
  units: UnitSystem;
}

/** What may come of each drill: told apart by its dash, so that it is read without colour. */
export interface HarmSeries {
  id: Exclude<keyof HarmOfDrill, 'drillMm'>;
  name: string;
  ink: Ink;
  dash: readonly number[];
}

const SERIES: readonly HarmSeries[] = [
  { id: 'touched', name: 'touches the parent', ink: 'fails', dash: [] },
  { id: 'tooMuchLost', name: 'takes too much thread', ink: 'fails', dash: [6, 4] },
  { id: 'stiff', name: 'shell stays stiff', ink: 'care', dash: [2, 3] },
  { id: 'loose', name: 'shell comes loose', ink: 'holds', dash: [12, 3] },
  { id: 'voidOpened', name: 'opens what is beside it', ink: 'scribe', dash: [1, 4] },
];

/** The lines of a chart. */
export const harmSeries = (withVoid: boolean): readonly HarmSeries[] =>
  SERIES.filter(({ id }) => withVoid || id !== 'voidOpened');

// About the width it gets beside the end view, so that its words keep their size.
const WIDTH = 400;
const HEIGHT = 260;
const PAD = { left: 44, right: 16, top: 30, bottom: 40 };

const GRID_PEN: Pen = { ink: 'hatch', width: 1 };
const LIMIT_PEN: Pen = { ink: 'faint', width: 1, dash: [8, 3, 2, 3] };
const TAKEN_PEN: Pen = { ink: 'chalk', width: 2 };
export const HARM_WIDTH_PT = 2.2;
const SCALE: Letters = { sizePt: 13, ink: 'scribe' };
const NAME: Letters = { sizePt: 13, ink: 'faint' };
const LIMIT: Letters = { sizePt: 12, ink: 'faint' };
const TAKEN: Letters = { sizePt: 15, ink: 'chalk', bold: true };

/** Where drill sizes and chances stand on the sheet. */
function scalesOf({ drills, units }: HarmChartInput) {
  const x = scaleLinear([drills[0]!.drillMm, drills.at(-1)!.drillMm], [PAD.left, WIDTH - PAD.right]);
  const y = scaleLinear([0, 1], [HEIGHT - PAD.bottom, PAD.top]);
  // Round numbers of the shop's own unit.
  const perUnit = units === 'mm' ? 1 : MM_PER_INCH;
  const sizesMm = scaleLinear(
    x.domain().map((mm) => mm / perUnit),
    [0, 1],
  )
    .ticks(5)
    .map((value) => value * perUnit);
  return { x, y, sizesMm };
}

/** The size of a drill as it stands on the chart. */
export const harmSize = (mm: number, units: UnitSystem): string => formatLength(mm, units, PRECISION.depth[units]);

/** Chances against drill size: one line each; the limits of the shell; the drill to take in chalk. */
export function harmChart(input: HarmChartInput): Sheet {
  const { drills, window, recommendedMm, withVoid, units } = input;
  const { x, y, sizesMm } = scalesOf(input);
  const bottom = HEIGHT - PAD.bottom;
  const tall = (id: string, mm: number, pen: Pen) => upright(id, x(mm), PAD.top, bottom, pen);
  const limit = (id: string, mm: number, text: string, anchor: Words['anchor'], asidePt: number): Shape[] => [
    tall(id, mm, LIMIT_PEN),
    words(`${id} name`, [x(mm) + asidePt, PAD.top - 10], text, LIMIT, anchor),
  ];
  const chances = ({ id, ink, dash }: HarmSeries): Shape =>
    line(
      id,
      drills.map((row): Point => [x(row.drillMm), y(row[id].p)]),
      { ink, width: HARM_WIDTH_PT, dash },
    );
  const taken =
    recommendedMm === null
      ? []
      : [
          tall('taken', recommendedMm, TAKEN_PEN),
          words('taken size', [x(recommendedMm) - 6, bottom - 8], harmSize(recommendedMm, units), TAKEN, 'end'),
        ];
  return {
    width: WIDTH,
    height: HEIGHT,
    layers: [
      {
        id: 'scales',
        shapes: [
          ...y
            .ticks(4)
            .flatMap((p) => [
              level(`at ${p}`, y(p), PAD.left, WIDTH - PAD.right, GRID_PEN),
              words(`${p}`, [PAD.left - 8, y(p) + 4], `${p * 100} %`, SCALE, 'end'),
            ]),
          ...sizesMm.map((mm) => words(`size ${mm}`, [x(mm), bottom + 18], harmSize(mm, units), SCALE, 'middle')),
          words('name', [WIDTH - PAD.right, HEIGHT - 6], `drill, ${units}`, NAME, 'end'),
        ],
      },
      {
        id: 'limits',
        shapes: [
          ...limit('root', window.rootMm, 'its root', 'end', -4),
          ...limit('crest', window.crestMm, 'parent’s crest', 'start', 4),
        ],
      },
      { id: 'chances', shapes: harmSeries(withVoid).map(chances) },
      { id: 'taken', shapes: taken },
    ],
  };
}
