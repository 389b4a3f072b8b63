import { formatLength, type UnitSystem, PRECISION } from '@deep-mend/core';
import { scaleLinear } from 'd3-scale';
import type { Fill, Pen, Sheet } from '../DisplayList.ts';
import { box, level, upright, words, type Letters } from '../shapes.ts';

export interface MinorBandInput {
  /** The class's limits of the bored minor. */
  minorMinMm: number;
  minorMaxMm: number;
  drill: { id: string; diameterMm: number };
  /** The bore that it is expected to leave. */
  expectedMm: number;
  units: UnitSystem;
}

const WIDTH = 520;
const HEIGHT = 64;
const PAD = 16;
/** Room beside what is marked, as a share of it. */
const ROOM = 0.12;
/** Words nearer to an end of the sheet than this would run over it. */
const DRILL_NAME_PX = 60;
const BORE_WORDS_PX = 110;

const AXIS_PEN: Pen = { ink: 'ink', width: 1, opacity: 0.35 };
const LIMIT_PEN: Pen = { ink: 'ink', width: 1 };
const DRILL_PEN: Pen = { ink: 'ink', width: 3 };
const BORE_PEN: Pen = { ink: 'ink', width: 2, dash: [3, 3] };
const BAND: Fill = { ink: 'ink', opacity: 0.22 };
const FIGURE: Letters = { sizePt: 14, ink: 'ink' };
const NAME: Letters = { ...FIGURE, bold: true };

/** How a size stands on the band. */
export const bandSize = (mm: number, units: UnitSystem): string => formatLength(mm, units, PRECISION.limit[units]);

/** The limits as a band, with the drill and the bore that it is expected to leave marked on it. */
export function minorBand({ minorMinMm, minorMaxMm, drill, expectedMm, units }: MinorBandInput): Sheet {
  const low = Math.min(minorMinMm, drill.diameterMm);
  const high = Math.max(minorMaxMm, expectedMm);
  const room = (high - low) * ROOM;
  const x = scaleLinear([low - room, high + room], [PAD, WIDTH - PAD]);
  const [least, most, drillX, boreX] = [x(minorMinMm), x(minorMaxMm), x(drill.diameterMm), x(expectedMm)];
  // Two marks may lie on one another: the names go to the sides that they point away to.
  const drillToLeft = expectedMm >= drill.diameterMm && drillX > DRILL_NAME_PX;
  const boreToLeft = boreX > WIDTH - BORE_WORDS_PX;
  return {
    width: WIDTH,
    height: HEIGHT,
    layers: [
      {
        id: 'band',
        shapes: [
          level('axis', 32, 0, WIDTH, AXIS_PEN),
          box('band', [least, 26], [most - least, 12], { fill: BAND }),
          upright('least', least, 24, 40, LIMIT_PEN),
          upright('most', most, 24, 40, LIMIT_PEN),
          words('least size', [least, 56], bandSize(minorMinMm, units), FIGURE, least < WIDTH / 4 ? 'start' : 'middle'),
          words(
            'most size',
            [most, 56],
            bandSize(minorMaxMm, units),
            FIGURE,
            most > (3 * WIDTH) / 4 ? 'end' : 'middle',
          ),
        ],
      },
      {
        id: 'marks',
        shapes: [
          upright('drill', drillX, 38, 18, DRILL_PEN),
          words('drill name', [drillX, 13], drill.id, NAME, drillToLeft ? 'end' : 'start'),
          upright('bore', boreX, 38, 18, BORE_PEN),
          {
            ...words(
              'bore size',
              [boreX, 13],
              `bores ${bandSize(expectedMm, units)}`,
              FIGURE,
              boreToLeft ? 'end' : 'start',
            ),
            byPt: [boreToLeft ? 12 : 6, 0],
            opacity: 0.8,
          },
        ],
      },
    ],
  };
}
