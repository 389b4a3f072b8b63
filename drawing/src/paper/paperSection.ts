import {
  coilSections,
  depthFlags,
  drillPointMm,
  formatLength,
  foundProfile,
  plannedProfile,
  sleeveProfile,
  type Assessment,
  type HoleCase,
  type Route,
  type UnitSystem,
  PRECISION,
} from '@deep-mend/core';
import type { Fill, Pen, Shape, SheetLayer } from '../DisplayList.ts';
import { mergeFlags } from '../plate/flags.ts';
import { besideAxis, roundLine, wireLines } from '../plate/profiles.ts';
import { box, level, line, upright, words } from '../shapes.ts';
import { PT_PER_MM, type Measure } from './Paper.ts';
import { setText, textShapes } from './setText.ts';

// Black on white, its own drawing: what is found in thin dashes, what is cut in full lines, the metal under a light lining.

const CUT_PEN: Pen = { ink: 'ink', width: 1.1 };
const FOUND_PEN: Pen = { ink: 'faint', width: 0.7, dash: [3, 2] };
const EDGE_PEN: Pen = { ink: 'ink', width: 0.9 };
const GOES_ON_PEN: Pen = { ink: 'ink', width: 0.7, dash: [1, 3] };
const AXIS_PEN: Pen = { ink: 'faint', width: 0.5, dash: [9, 3, 1.5, 3] };
const WIRE_PEN: Pen = { ink: 'ink', width: 0.6 };
const LEADER_PEN: Pen = { ink: 'faint', width: 0.5 };
const METAL: Fill = { lining: 'parent' };
const HOLLOW: Fill = { ink: 'ground' };
const WIRE: Fill = { ink: 'hatch' };

/** Scales that a drawing may have, largest first. */
const SCALES = [5, 4, 3, 2.5, 2, 1.5, 1, 0.75, 0.5, 0.4, 0.3, 0.25, 0.2, 0.1, 0.05] as const;
/** Metal shown beside the outermost cut, in its radii. */
const METAL_ROUND = 1.4;
const FLAG_SIZE_PT = 7.2;
const FLAGS_PT = 76;

export interface PaperSectionInput {
  hole: HoleCase;
  assessment: Assessment;
  route: Route;
  units: UnitSystem;
  widthPt: number;
  heightPt: number;
}

/** @example scaleWords(2) // '2 : 1' */
const scaleWords = (scale: number): string => (scale >= 1 ? `${scale} : 1` : `1 : ${Number((1 / scale).toFixed(2))}`);

/** The words of the flags, each lower than the one before by its own height. */
function placeFlags(ys: readonly number[], heights: readonly number[]): number[] {
  const placed: number[] = [];
  ys.forEach((y, index) => {
    const least = index === 0 ? -FLAG_SIZE_PT : placed[index - 1]! + heights[index - 1]!;
    placed.push(Math.max(y - FLAG_SIZE_PT, least));
  });
  return placed;
}

/** The hole in section as the way would cut it, with its depths beside it, to a round scale. */
export function paperSection(
  { hole, assessment, route, units, widthPt, heightPt }: PaperSectionInput,
  [atX, atY]: readonly [number, number],
  measure: Measure,
): { layers: SheetLayer[]; endPt: number } {
  const found = foundProfile(hole, assessment);
  const planned = plannedProfile(hole, route);
  const sleeve = sleeveProfile(route);
  const fitted = [...wireLines(coilSections(route), false), ...(sleeve ? besideAxis(sleeve, false) : [])];
  const outerMm = Math.max(route.cut.outermostMm, assessment.outermostCutMm) / 2;
  const shownMm = METAL_ROUND * outerMm;
  const deepestMm = Math.max(
    hole.depth.mm + (hole.kind === 'blind' ? drillPointMm(assessment.cleanUp.mm) : 0),
    route.depths.drillTipMm,
    route.depths.screwReachMm,
  );
  const totalMm = deepestMm + (hole.kind === 'blind' ? Math.max(2, 0.3 * outerMm) : 0);
  const fits = (scale: number) =>
    2 * shownMm * scale * PT_PER_MM <= widthPt - FLAGS_PT && totalMm * scale * PT_PER_MM <= heightPt - 24;
  const scale = SCALES.find(fits) ?? SCALES.at(-1)!;
  const perMm = scale * PT_PER_MM;
  const axisX = atX + FLAGS_PT + (widthPt - FLAGS_PT) / 2;
  const faceY = atY + 14;
  const metalEndMm = hole.kind === 'through' ? hole.depth.mm : totalMm;
  const [leftX, rightX] = [axisX - shownMm * perMm, axisX + shownMm * perMm];
  const bottomY = faceY + metalEndMm * perMm;

  const flags = mergeFlags(depthFlags(hole, assessment, route));
  const ys = flags.map((flag) => flag.depthMm * perMm);
  const set = flags.map(({ label, depthMm }) =>
    setText(
      [{ text: `${label} ` }, { text: formatLength(depthMm, units, PRECISION.depth[units]), bold: true }],
      FLAGS_PT - 12,
      { sizePt: FLAG_SIZE_PT, font: 'drawing' },
      measure,
    ),
  );
  const textYs = placeFlags(
    ys,
    set.map(({ heightPt: high }) => high + 2),
  );
  const cutShapes: Shape[] = [line('found', roundLine(found), FOUND_PEN, HOLLOW)];
  if (planned)
    cutShapes.push(line('cut', roundLine(planned), CUT_PEN, HOLLOW), line('found over', roundLine(found), FOUND_PEN));
  if (fitted.length > 0)
    cutShapes.push({
      kind: 'lines',
      id: 'fitted',
      closed: true,
      lines: fitted,
      fill: WIRE,
      pen: WIRE_PEN,
    });
  const layers: SheetLayer[] = [
    {
      id: 'section metal',
      shapes: [box('metal', [leftX, faceY], [rightX - leftX, bottomY - faceY], { fill: METAL })],
    },
    {
      id: 'section profiles',
      at: [axisX, faceY],
      pxPerMm: perMm,
      clip: {
        x: leftX,
        y: faceY - 1,
        width: rightX - leftX,
        height: bottomY - faceY + (hole.kind === 'through' ? 1 : 2),
      },
      shapes: cutShapes,
    },
    {
      id: 'section edges',
      shapes: [
        level('face', faceY, leftX, rightX, EDGE_PEN),
        level('bottom', bottomY, leftX, rightX, hole.kind === 'through' ? EDGE_PEN : GOES_ON_PEN),
        upright('axis', axisX, faceY - 3, faceY + totalMm * perMm + 8, AXIS_PEN),
        ...ys.flatMap((y, index): Shape[] => [
          level(`leader ${index}`, faceY + y, atX + FLAGS_PT - 8, leftX + 4, LEADER_PEN),
          ...textShapes(`flag ${index}`, set[index]!, atX, faceY + textYs[index]!),
          line(
            `joint ${index}`,
            [
              [atX + FLAGS_PT - 12, faceY + textYs[index]! + FLAG_SIZE_PT - 2],
              [atX + FLAGS_PT - 8, faceY + y],
            ],
            LEADER_PEN,
          ),
        ]),
        words(
          'scale',
          [rightX, faceY - 5],
          `section ${scaleWords(scale)}, ${units}`,
          { sizePt: 7, ink: 'faint', font: 'drawing' },
          'end',
        ),
      ],
    },
  ];
  const wordsEnd = textYs.length === 0 ? 0 : textYs.at(-1)! + set.at(-1)!.heightPt;
  return { layers, endPt: faceY + Math.max(totalMm * perMm + 10, wordsEnd + 4) };
}
