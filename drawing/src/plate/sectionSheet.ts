import type { Box, Pen, Shape, SheetLayer } from '../DisplayList.ts';
import type { PlateLayout } from './plateLayout.ts';
import { bothSides, roundLine, sideArea, sideLine, wireLines } from './profiles.ts';
import type { Stretch } from './scale.ts';

/** The edge of metal: a face, a bottom, a wall. */
export const EDGE_PEN: Pen = { ink: 'scribe', width: 1.4 };
const GOES_ON_PEN: Pen = { ...EDGE_PEN, dash: [2, 6] };
/** The axis of a hole: long and short dashes. */
export const AXIS_PEN: Pen = { ink: 'faint', width: 1, dash: [12, 4, 2, 4] };
const PLANNED_PEN: Pen = { ink: 'chalk', width: 1.5 };
/** Planned under a wire or under what was measured. */
const UNDER_PEN: Pen = { ...PLANNED_PEN, dash: [5, 3] };

type Line = Extract<Shape, { kind: 'polyline' }>;

/** A face, or where the metal ends; dotted where it goes on beyond the drawing. */
export const level = (id: string, y: number, fromX: number, toX: number, goesOn = false): Line => ({
  kind: 'polyline',
  id,
  closed: false,
  points: [
    [fromX, y],
    [toX, y],
  ],
  pen: goesOn ? GOES_ON_PEN : EDGE_PEN,
});

export const upright = (id: string, x: number, fromY: number, toY: number, pen: Pen): Line => ({
  kind: 'polyline',
  id,
  closed: false,
  points: [
    [x, fromY],
    [x, toY],
  ],
  pen,
});

/** The hole as found, the wire in it, what would be cut, and what was measured of it: millimetres from the axis and the face. */
function profileShapes({ found, coil, planned, done, halfSection: half }: PlateLayout): Shape[] {
  const shapes: Shape[] = [
    {
      kind: 'polyline',
      id: 'found',
      closed: false,
      points: (half ? sideArea : roundLine)(found),
      fill: { ink: 'deep' },
      pen: EDGE_PEN,
    },
  ];
  if (coil.length > 0)
    shapes.push({
      kind: 'lines',
      id: 'wire',
      closed: true,
      lines: wireLines(coil, half),
      fill: { ink: 'chalk', opacity: 0.32 },
      pen: { ink: 'chalk', width: 1 },
    });
  if (planned)
    shapes.push({
      kind: 'polyline',
      id: 'planned',
      closed: false,
      points: (half ? sideLine : roundLine)(planned),
      pen: coil.length > 0 || done ? UNDER_PEN : PLANNED_PEN,
    });
  if (done)
    shapes.push({
      kind: 'lines',
      id: 'done',
      closed: false,
      lines: half ? [sideLine(done)] : bothSides(done),
      pen: { ink: 'holds', width: 1.8 },
    });
  return shapes;
}

/** The line across a length that is left out. */
const breakLine = (y: number, { metalLeftX: left, metalRightX: right }: PlateLayout): Shape => {
  const x = left + (right - left) / 2 - 6;
  return {
    kind: 'polyline',
    id: 'break',
    says: 'A length without any feature is left out here',
    closed: false,
    points: [
      [left, y],
      [x, y],
      [x + 4, y - 6],
      [x + 9, y + 6],
      [x + 13, y],
      [right, y],
    ],
    pen: { ink: 'scribe', width: 1 },
  };
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
      shapes: [
        {
          kind: 'box',
          id: 'metal',
          at: [metalLeftX, top],
          width: sheetRightX - metalLeftX,
          height: height - top,
          fill: { lining: 'parent' },
        },
      ],
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
    { kind: 'box', id: 'beyond', at: [0, faceY], width, height: height - faceY, fill: { ink: 'deep' } },
    upright('edge', 0, faceY, height, EDGE_PEN),
  ],
});

/** The bottom, the sheet below it over all that was drawn to its end, and the edge as far as the ladder takes it up. */
function belowLayer(layout: PlateLayout): SheetLayer {
  const { metalLeftX: left, metalRightX: right, width, height, bottomY, opensBelow, edge, ladder } = layout;
  const edgeX = edge?.x ?? null;
  const shapes: Shape[] = [
    { kind: 'box', id: 'cover', at: [left - 2, 0], width: width - left + 2, height, fill: { ink: 'ground' } },
    level('bottom', 0, left, right, !opensBelow),
  ];
  if (edgeX !== null) {
    const goesOn = ladder.rows.length > 0 && edgeX < ladder.rightX;
    shapes.push(upright('edge', edgeX, 0, goesOn ? height : 0, EDGE_PEN), {
      kind: 'text',
      id: 'edge name',
      at: [edgeX + 8, -12],
      anchor: 'start',
      text: edge!.label,
      sizePt: 13,
      ink: 'faint',
      font: 'drawing',
    });
  }
  return { id: 'below', at: [0, bottomY], shapes };
}

const SEAT_PT = 6;

/** The ring of a washer or seat, lying on the face; dashed where nobody measured it. */
function seatShapes({ seat, faceY }: PlateLayout): Shape[] {
  if (!seat) return [];
  const sides = [{ fromX: seat.fromX, toX: seat.toX }, ...(seat.mirrored ? [seat.mirrored] : [])];
  return [
    ...sides.map(({ fromX, toX }, index): Shape => ({
      kind: 'box',
      id: `seat ${index}`,
      at: [fromX, faceY - SEAT_PT],
      width: Math.max(0, toX - fromX),
      height: SEAT_PT,
      ...(seat.known ? { fill: { ink: 'scribe' } } : {}),
      pen: { ink: 'scribe', width: 1, ...(seat.known ? {} : { dash: [3, 2] }) },
    })),
    {
      kind: 'text',
      id: 'seat name',
      at: [seat.toX + 4, faceY - 1],
      anchor: 'start',
      text: seat.text,
      sizePt: 12,
      ink: 'scribe',
      font: 'drawing',
    },
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
      pen: { ink: 'chalk', width: 1.2 },
    },
    {
      kind: 'text',
      id: 'wall figure',
      at: [(from + to) / 2, y - 6],
      anchor: 'middle',
      text,
      sizePt: 15,
      ink: 'chalk',
      font: 'drawing',
      bold: true,
      halo: 'ground',
    },
  ];
}

/** An edge too far away to draw, by its distance. */
const farEdgeShapes = ({ edge, width, faceY }: PlateLayout): Shape[] =>
  edge === null || edge.x !== null
    ? []
    : [
        {
          kind: 'text',
          id: 'far edge',
          at: [width - 22, faceY + 20],
          anchor: 'end',
          text: edge.label,
          sizePt: 13,
          ink: 'scribe',
          font: 'drawing',
          halo: 'ground',
        },
      ];

/** What the colours mean; a half-section has no room for it. */
function legendShapes({ halfSection, width, planned, done }: PlateLayout): Shape[] {
  if (halfSection) return [];
  const legend = { kind: 'text', sizePt: 13, ink: 'scribe', font: 'label' } as const;
  return [
    { ...legend, id: 'title', at: [14, 26], anchor: 'start', text: 'Section to scale' },
    {
      ...legend,
      id: 'legend',
      at: [width - 16, 26],
      anchor: 'end',
      text: 'as found',
      then: [
        ...(planned ? [{ text: ` · ${done ? 'planned' : 'to be cut'}`, ink: 'chalk', sizePt: 13 } as const] : []),
        ...(done ? [{ text: ' · measured', ink: 'holds', sizePt: 13 } as const] : []),
      ],
    },
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
        level('face', faceY, metalLeftX, metalRightX),
        ...seatShapes(layout),
        upright('axis', axisX, faceY - 14, height, AXIS_PEN),
        ...farEdgeShapes(layout),
      ],
    },
    { id: 'wall', shapes: wallShapes(layout) },
  ];
}
