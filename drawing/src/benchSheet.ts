import {
  coilSections,
  drillPointMm,
  formatLength,
  PRECISION,
  sleeveProfile,
  stageProfile,
  type Assessment,
  type CutStage,
  type HoleCase,
  type Route,
  type UnitSystem,
} from '@deep-mend/core';
import type { Fill, Pen, Point, Shape, Sheet } from './DisplayList.ts';
import { besideAxis, roundLine, wireLines } from './plate/profiles.ts';
import { box, level, line, upright, words, type Letters } from './shapes.ts';

/** The tool that is in the hole now, and where its tip is below the face. */
export interface BenchTool {
  kind: 'tap' | 'drill';
  diameterMm: number;
  tipMm: number;
  /** Length of a tap's lead, over which it has no full thread yet. */
  leadMm: number;
  /** Where it has to go; null: right through. */
  toMm: number | null;
}

export interface BenchInput {
  hole: HoleCase;
  assessment: Assessment;
  route: Route;
  /** How far the cutting has come. */
  stage: CutStage;
  /** Null: no tool turns at this step. */
  tool: BenchTool | null;
  units: UnitSystem;
  width: number;
  height: number;
}

const EDGE: Pen = { ink: 'scribe', width: 1.8 };
const AXIS: Pen = { ink: 'faint', width: 1, dash: [12, 4, 2, 4] };
const TOOL: Pen = { ink: 'chalk', width: 1.8 };
const WIRE: Pen = { ink: 'scribe', width: 1 };
const WIRE_FILL: Fill = { ink: 'scribe', opacity: 0.35 };
const NOW: Pen = { ink: 'chalk', width: 2.5 };
const TARGET: Pen = { ink: 'holds', width: 2, dash: [8, 5] };
const METAL: Fill = { lining: 'parent' };
const HOLLOW: Fill = { ink: 'deep' };
const TOOL_FILL: Fill = { ink: 'chalk', opacity: 0.28 };
const NOW_WORDS: Letters = { sizePt: 20, ink: 'chalk', bold: true, halo: 'ground' };
const TARGET_WORDS: Letters = { sizePt: 20, ink: 'holds', bold: true, halo: 'ground' };

/** Core of a tap over its lead's end, as a share of its major; and metal beside the hole, in its radii. */
const TIP_SHARE = 0.72;
const METAL_ROUND = 1.9;
/** Above the face a tool is seen by so much of the depth. */
const ABOVE_SHARE = 0.16;

/** A tool's outline, right side first: a drill with its point, a tap with its lead. */
function outlineOf({ kind, diameterMm, tipMm, leadMm }: BenchTool, topMm: number): Point[] {
  const radius = diameterMm / 2;
  const side = (points: Point[]): Point[] => [
    ...points,
    ...points.map(([x, y]): Point => [x === 0 ? 0 : -x, y]).reverse(),
  ];
  if (kind === 'drill') {
    const shoulder = tipMm - drillPointMm(diameterMm);
    return side([
      [radius, topMm],
      [radius, shoulder],
      [0, tipMm],
    ]);
  }
  return side([
    [radius, topMm],
    [radius, tipMm - leadMm],
    [TIP_SHARE * radius, tipMm],
  ]);
}

/** A bush or plug, on both sides of the axis. */
function sleeveLines(route: Route, solid: boolean): Point[][] {
  const sleeve = sleeveProfile(route, solid);
  return sleeve ? besideAxis(sleeve, false) : [];
}

/** The hole in section as it stands by now, with the tool where it is: one look from two metres says how far it still goes. */
export function benchSheet({ hole, assessment, route, stage, tool, units, width, height }: BenchInput): Sheet {
  const profile = stageProfile(hole, assessment, route, stage);
  const fitted = [
    ...(stage === 'fitted' ? wireLines(coilSections(route), false) : []),
    ...(stage === 'fitted' || stage === 'filled' ? sleeveLines(route, stage === 'filled') : []),
  ];
  const outerMm = Math.max(route.cut.outermostMm, assessment.outermostCutMm) / 2;
  const endMm = hole.kind === 'through' ? hole.depth.mm : route.depths.drillTipMm + 0.12 * hole.depth.mm;
  const deepestMm = Math.max(endMm, tool?.tipMm ?? 0, route.depths.drillTipMm);
  const aboveMm = ABOVE_SHARE * deepestMm;
  const perMm = Math.min((width - 16) / (2 * outerMm * METAL_ROUND), (height - 20) / (deepestMm + aboveMm));
  const axisX = width / 2;
  const faceY = 10 + aboveMm * perMm;
  const half = Math.min(axisX - 8, outerMm * METAL_ROUND * perMm);
  const mark = (id: string, mm: number, pen: Pen, letters: Letters, below: boolean): Shape[] => {
    const y = faceY + mm * perMm;
    return [
      level(id, y, axisX - half, axisX + half, pen),
      words(
        `${id} words`,
        [axisX - half + 6, below ? y + 22 : y - 8],
        formatLength(mm, units, PRECISION.depth[units]),
        letters,
      ),
    ];
  };
  return {
    width,
    height,
    layers: [
      {
        id: 'metal',
        shapes: [box('metal', [axisX - half, faceY], [2 * half, endMm * perMm], { fill: METAL })],
      },
      {
        id: 'hole',
        at: [axisX, faceY],
        pxPerMm: perMm,
        clip: { x: axisX - half, y: faceY, width: 2 * half, height: endMm * perMm + 1 },
        shapes: [
          line('hole', roundLine(profile), EDGE, HOLLOW),
          ...fitted.map((points, index): Shape => ({
            kind: 'polyline',
            id: `fitted ${index}`,
            closed: true,
            points,
            pen: WIRE,
            fill: WIRE_FILL,
          })),
        ],
      },
      ...(tool && tool.tipMm > 0
        ? [
            {
              id: 'tool',
              at: [axisX, faceY] as const,
              pxPerMm: perMm,
              shapes: [
                {
                  kind: 'polyline' as const,
                  id: 'tool',
                  closed: true,
                  points: outlineOf(tool, -aboveMm),
                  pen: TOOL,
                  fill: TOOL_FILL,
                },
              ],
            },
          ]
        : []),
      {
        id: 'marks',
        shapes: [
          level('face', faceY, axisX - half, axisX + half, EDGE),
          upright('axis', axisX, 4, height - 4, AXIS),
          ...(tool?.toMm !== null && tool?.toMm !== undefined
            ? mark('target', tool.toMm, TARGET, TARGET_WORDS, true)
            : []),
          ...(tool && tool.tipMm > 0 ? mark('now', tool.tipMm, NOW, NOW_WORDS, false) : []),
        ],
      },
    ],
  };
}
