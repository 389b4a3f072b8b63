import { LOAD_BANDS, type LoadBand } from '@deep-mend/core';
import { scaleLinear } from 'd3-scale';
import type { Ink, Pen, Shape, Sheet } from '../DisplayList.ts';
import { box, level, upright, words, type Letters } from '../shapes.ts';

/** One line of the scale: what is done, and how many times stronger the tap then is than its cut. */
export interface LoadRow {
  label: string;
  times: number;
  band: LoadBand;
}

const WIDTH = 460;
const ROW_PT = 21;
const PAD = { left: 162, right: 36, top: 34, bottom: 8 };
/** Past this a tap stands so far above its cut that the difference says nothing. */
const MOST_TIMES = 10;
/** Where the bands begin, from the least. */
const BANDS = [...LOAD_BANDS].reverse();
const INK: Readonly<Record<LoadRow['band'], Ink>> = { easy: 'holds', feel: 'holds', care: 'care', snaps: 'fails' };

const LIMIT_PEN: Pen = { ink: 'hatch', width: 1 };
const NAME: Letters = { sizePt: 12, ink: 'faint' };
const LABEL: Letters = { sizePt: 12.5, ink: 'scribe' };
const FIGURE: Letters = { sizePt: 13, ink: 'scribe', bold: true };
const FIRST: Letters = { ...FIGURE, ink: 'chalk' };

/**
 * A tap's strength over its cut, as planned and for each thing that makes it worse or better: the region in which taps snap is
 * shaded, the line as planned is in chalk and thicker, so that it is told apart without colour.
 */
export function loadScale(rows: readonly LoadRow[]): Sheet {
  const x = scaleLinear([0, MOST_TIMES], [PAD.left, WIDTH - PAD.right]).clamp(true);
  const height = PAD.top + rows.length * ROW_PT + PAD.bottom;
  const bottom = height - PAD.bottom;
  const ends = [...BANDS.slice(1).map(({ from }) => from), MOST_TIMES];
  const line = ({ label, times, band }: LoadRow, index: number): Shape[] => {
    const y = PAD.top + index * ROW_PT + ROW_PT / 2;
    const width = index === 0 ? 5 : 2.5;
    return [
      words(`label ${index}`, [PAD.left - 10, y + 4], label, LABEL, 'end'),
      level(`bar ${index}`, y, PAD.left, x(times), { ink: index === 0 ? 'chalk' : INK[band], width }),
      words(`times ${index}`, [x(times) + 6, y + 4], `${times}`, index === 0 ? FIRST : FIGURE),
    ];
  };
  return {
    width: WIDTH,
    height,
    layers: [
      {
        id: 'bands',
        shapes: [
          box('snaps', [PAD.left, PAD.top - 6], [x(ends[0]!) - PAD.left, bottom - PAD.top + 6], {
            fill: { ink: 'fails', opacity: 0.22 },
          }),
          ...BANDS.flatMap(({ from, band }, index) => [
            upright(`from ${from}`, x(from), PAD.top - 6, bottom, LIMIT_PEN),
            words(`name ${band}`, [(x(from) + x(ends[index]!)) / 2, PAD.top - 20], band, NAME, 'middle'),
            words(`at ${from}`, [x(from), PAD.top - 8], `${from}`, NAME, 'middle'),
          ]),
        ],
      },
      { id: 'rows', shapes: rows.flatMap(line) },
    ],
  };
}
