import type { Box, Fill, Pen, Shape, SheetLayer, Words } from '../DisplayList.ts';
import { box, level, line, upright, words, type Letters } from '../shapes.ts';
import type { PlateLayout } from './plateLayout.ts';
import { besideAxis, bothSides, roundLine, sideArea, sideLine, wireLines } from './profiles.ts';
import type { Stretch } from './scale.ts';

/** The edge of metal: a face, a bottom, a wall. */
export const EDGE_PEN: Pen = { ink: 'scribe', width: 1.4 };
export const GOES_ON_PEN: Pen = { ...EDGE_PEN, dash: [2, 6] };
/** The axis of a hole: long and short dashes. */
export const AXIS_PEN: Pen = { ink: 'faint', width: 1, dash: [12, 4, 2, 4] };
const PLANNED_PEN: Pen = { ink: 'chalk', width: 1.5 };
/** Planned under a wire or under what was measured. */
const UNDER_PEN: Pen = { ...PLANNED_PEN, dash: [5, 3] };
const WIRE_PEN: Pen = { ink: 'chalk', width: 1 };
const DONE_PEN: Pen = { ink: 'holds', width: 1.8 };
const BREAK_PEN: Pen = { ink: 'scribe', width: 1 };
const SEAT_PEN: Pen = { ink: 'scribe', width: 1 };
/** A seat that nobody measured. */
const SEAT_TAKEN_PEN: Pen = { ...SEAT_PEN, dash: [3, 2] };
const WALL_PEN: Pen = { ink: 'chalk', width: 1.2 };

const METAL: Fill = { lining: 'parent' };
const HOLLOW: Fill = { ink: 'deep' };
const COVER: Fill = { ink: 'ground' };
const WIRE: Fill = { ink: 'chalk', opacity: 0.32 };
const SLEEVE: Fill = { ink: 'chalk', opacity: 0.2 };
const SEAT: Fill = { ink: 'scribe' };

export const LEGEND: Letters = { sizePt: 13, ink: 'scribe', font: 'label' };
const EDGE_NAME: Letters = { sizePt: 13, ink: 'faint' };
const FAR_EDGE: Letters = { sizePt: 13, ink: 'scribe', halo: 'ground' };
const SEAT_NAME: Letters = { sizePt: 12, ink: 'scribe' };
const WALL_FIGURE: Letters = { sizePt: 15, ink: 'chalk', bold: true, halo: 'ground' };

/** The hole as found, the wire in it, what would be cut, and what was measured of it: millimetres from the axis and the face. */
function profileShapes({ found, coil, sleeve, planned, done, halfSection: half }: PlateLayout): Shape[] {
  const shapes: Shape[] = [line('found', (half ? sideArea : roundLine)(found), EDGE_PEN, HOLLOW)];
  if (coil.length > 0)
    shapes.push({
      kind: 'lines',
      id: 'wire',
      closed: true,
      lines: wireLines(coil, half),
      fill: WIRE,
      pen: WIRE_PEN,
    });
  if (sleeve)
    shapes.push({
      kind: 'lines',
      id: 'sleeve',
      closed: true,
      lines: besideAxis(sleeve, half),
      fill: SLEEVE,
      pen: WIRE_PEN,
    });
  if (planned)
    shapes.push(
      line(
        'planned',
        (half ? sideLine : roundLine)(planned),
        coil.length > 0 || sleeve || done ? UNDER_PEN : PLANNED_PEN,
      ),
    );
  if (done)
    shapes.push({
      kind: 'lines',
      id: 'done',
      closed: false,
      lines: half ? [sideLine(done)] : bothSides(done),
      pen: DONE_PEN,
    });
  return shapes;
}

/** The line across a length that is left out. */
const breakLine = (y: number, { metalLeftX: left, metalRightX: right }: PlateLayout): Shape => {
  const x = left + (right - left) / 2 - 6;
  return line(
    'break',
    [
      [left, y],
      [x, y],
      [x + 4, y - 6],
      [x + 9, y + 6],
      [x + 13, y],
      [right, y],
    ],
    BREAK_PEN,
    undefined,
    'A length without any feature is left out here',
  );
};

/**
 * Metal and profiles of one stretch of depth. The metal goes on to the sheet's end: what lies below the bottom is covered
 * afterwards, so that a depth that only moves the bottom moves one layer.
 */
function stretchLayers(layout: PlateLayout, stretch: Stretch, index: number, profiles: Shape[]): SheetLayer[] {
  const { stretches, scale, width, height, metalLeftX, sheetRightX, axisX } = layout;
  const top = stretch.offsetPx + stretch.fromMm * scale;
  const end = stretch.offsetPx + stretch.toMm * scale;
  const last = index === stretches.length - 1;
  const from = index === 0 ? 0 : top;
  const clip: { clip?: Box } =
    stretches.length > 1 ? { clip: { x: 0, y: from, width, height: last ? height : end } } : {};
  const layers: SheetLayer[] = [
    {
      id: `metal ${index}`,
      ...clip,
      shapes: [box('metal', [metalLeftX, top], [sheetRightX - metalLeftX, height - top], { fill: METAL })],
    },
    { id: `profiles ${index}`, at: [axisX, stretch.offsetPx], pxPerMm: scale, ...clip, shapes: profiles },
  ];
  if (index > 0) layers.push({ id: `break ${index}`, shapes: [breakLine(top - 9, layout)] });
  return layers;
}

/** What lies beyond the nearest edge. */
const beyondLayer = ({ faceY, width, height }: PlateLayout, edgeX: number): SheetLayer => ({
  id: 'beyond',
  at: [edgeX, 0],
  shapes: [
    box('beyond', [0, faceY], [width, height - faceY], { fill: HOLLOW }),
    upright('edge', 0, faceY, height, EDGE_PEN),
  ],
});

/** The bottom, the sheet below it over all that was drawn to its end, and the edge as far as the ladder takes it up. */
function belowLayer(layout: PlateLayout): SheetLayer {
  const { metalLeftX: left, metalRightX: right, width, height, bottomY, opensBelow, edge, ladder } = layout;
  const edgeX = edge?.x ?? null;
  const shapes: Shape[] = [
    box('cover', [left - 2, 0], [width - left + 2, height], { fill: COVER }),
    level('bottom', 0, left, right, opensBelow ? EDGE_PEN : GOES_ON_PEN),
  ];
  if (edgeX !== null) {
    const goesOn = ladder.rows.length > 0 && edgeX < ladder.rightX;
    shapes.push(
      upright('edge', edgeX, 0, goesOn ? height : 0, EDGE_PEN),
      words('edge name', [edgeX + 8, -12], edge!.label, EDGE_NAME),
    );
  }
  return { id: 'below', at: [0, bottomY], shapes };
}

const SEAT_PT = 6;

/** The ring of a washer or seat, lying on the face; dashed where nobody measured it. */
function seatShapes({ seat, faceY }: PlateLayout): Shape[] {
  if (!seat) return [];
  const sides = [{ fromX: seat.fromX, toX: seat.toX }, ...(seat.mirrored ? [seat.mirrored] : [])];
  const look = seat.known ? { fill: SEAT, pen: SEAT_PEN } : { pen: SEAT_TAKEN_PEN };
  return [
    ...sides.map(({ fromX, toX }, index) =>
      box(`seat ${index}`, [fromX, faceY - SEAT_PT], [Math.max(0, toX - fromX), SEAT_PT], look),
    ),
    words('seat name', [seat.toX + 4, faceY - 1], seat.text, SEAT_NAME),
  ];
}

/** The wall left beside the outermost cut. */
function wallShapes({ wallDimension, axisX, scale }: PlateLayout): Shape[] {
  if (!wallDimension) return [];
  const { fromMm, toMm, y, text } = wallDimension;
  const [from, to] = [axisX + fromMm * scale, axisX + toMm * scale];
  return [
    {
      kind: 'lines',
      id: 'wall',
      closed: false,
      lines: [
        [
          [from, y],
          [to, y],
        ],
        ...[from, to].map((x) => [[x, y - 5] as const, [x, y + 5] as const]),
      ],
      pen: WALL_PEN,
    },
    words('wall figure', [(from + to) / 2, y - 6], text, WALL_FIGURE, 'middle'),
  ];
}

/** An edge too far away to draw, by its distance. */
const farEdgeShapes = ({ edge, width, faceY }: PlateLayout): Shape[] =>
  edge === null || edge.x !== null ? [] : [words('far edge', [width - 22, faceY + 20], edge.label, FAR_EDGE, 'end')];

/** What the colours mean; a half-section has no room for it. */
function legendShapes({ halfSection, width, planned, done }: PlateLayout): Shape[] {
  if (halfSection) return [];
  const then: NonNullable<Words['then']>[number][] = [];
  if (planned) then.push({ text: ` · ${done ? 'planned' : 'to be cut'}`, ink: 'chalk', sizePt: LEGEND.sizePt });
  if (done) then.push({ text: ' · measured', ink: 'holds', sizePt: LEGEND.sizePt });
  return [
    words('title', [14, 26], 'Section to scale', LEGEND),
    words('legend', [width - 16, 26], 'as found', LEGEND, 'end', then),
  ];
}

/** The hole in section: metal lined, as found, as it would be cut, as it was measured, the edge and what lies beyond. */
export function sectionLayers(layout: PlateLayout): SheetLayer[] {
  const { stretches, axisX, faceY, metalLeftX, metalRightX, height, edge } = layout;
  const profiles = profileShapes(layout);
  return [
    { id: 'legend', shapes: legendShapes(layout) },
    ...stretches.flatMap((stretch, index) => stretchLayers(layout, stretch, index, profiles)),
    ...(edge === null || edge.x === null ? [] : [beyondLayer(layout, edge.x)]),
    belowLayer(layout),
    {
      id: 'face',
      shapes: [
        level('face', faceY, metalLeftX, metalRightX, EDGE_PEN),
        ...seatShapes(layout),
        upright('axis', axisX, faceY - 14, height, AXIS_PEN),
        ...farEdgeShapes(layout),
      ],
    },
    { id: 'wall', shapes: wallShapes(layout) },
  ];
}
