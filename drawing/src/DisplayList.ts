/**
 * A drawing as plain data, in millimetres of what is drawn: x to the right, y down. It knows no screen and no paper; whoever
 * paints it gives inks their colours, pens their widths and words their letters.
 */
export interface DisplayList {
  /** What is seen of it, mm. */
  view: Box;
  /** Painted in this order. */
  layers: Layer[];
}

export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

export interface Layer {
  id: string;
  shapes: Shape[];
}

/** x and y, mm. */
export type Point = readonly [xMm: number, yMm: number];

/** Inks by their part in a drawing. `ink` is the colour of the text round it. */
export type Ink = 'ground' | 'deep' | 'scribe' | 'faint' | 'hatch' | 'chalk' | 'holds' | 'care' | 'fails' | 'ink';

/** A line: widths and dashes in points, the same at every scale. */
export interface Pen {
  ink: Ink;
  width: number;
  dash?: readonly number[];
  /** Left out: it ends where it ends. */
  cap?: 'round';
}

/** An ink, or a section lining: of the metal round a hole, or of what is stuck in it. */
export type Fill = { ink: Ink; opacity?: number } | { lining: 'parent' | 'stuck' };

interface Common {
  /** Its own within its layer. */
  id: string;
  pen?: Pen;
  fill?: Fill;
}

export type Shape =
  | (Common & { kind: 'polyline'; points: readonly Point[]; closed: boolean })
  | (Common & { kind: 'circle'; at: Point; radiusMm: number })
  | {
      kind: 'text';
      id: string;
      at: Point;
      /** Moved from there, points. */
      byPt: readonly [x: number, y: number];
      anchor: 'start' | 'middle' | 'end';
      text: string;
      sizePt: number;
      ink: Ink;
      font: 'drawing' | 'label';
    };

/** Where a display list stands on a screen: which point of it lies at the origin, and how many pixels a millimetre has. */
export interface Place {
  originXMm: number;
  originYMm: number;
  pxPerMm: number;
  /** Where that origin lies on the sheet, px. */
  atX: number;
  atY: number;
}

/** Every point that a shape's outline touches, and the middle of what is round: for tests and for fitting a view. */
export function pointsOf(shape: Shape): readonly Point[] {
  switch (shape.kind) {
    case 'polyline':
      return shape.points;
    case 'circle': {
      const [x, y] = shape.at;
      const r = shape.radiusMm;
      return [
        [x - r, y],
        [x + r, y],
        [x, y - r],
        [x, y + r],
      ];
    }
    case 'text':
      return [shape.at];
  }
}
