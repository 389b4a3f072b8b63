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

/** Inks by their part in a drawing. `ink` is the colour of the text round it; those *on pale* are seen on the rule. */
export type Ink =
  | 'ground'
  | 'deep'
  | 'scribe'
  | 'faint'
  | 'hatch'
  | 'chalk'
  | 'chalkOnPale'
  | 'holds'
  | 'holdsOnPale'
  | 'care'
  | 'fails'
  | 'ink';

/** A line: widths and dashes in points, the same at every scale. */
export interface Pen {
  ink: Ink;
  width: number;
  opacity?: number;
  dash?: readonly number[];
  /** Left out: it ends where it ends. */
  cap?: 'round';
}

/** An ink, or a section lining: of the metal round a hole, of what is stuck in it, or of where no cut may come. */
export type Fill = { ink: Ink; opacity?: number } | { lining: 'parent' | 'stuck' | 'forbidden' };

interface Common {
  /** Its own within its layer. */
  id: string;
  /** What it is, for whoever points at it. */
  says?: string | undefined;
  pen?: Pen | undefined;
  fill?: Fill | undefined;
}

export type Shape =
  | (Common & { kind: 'polyline'; points: readonly Point[]; closed: boolean })
  /** Many lines that are drawn as one. */
  | (Common & { kind: 'lines'; lines: readonly (readonly Point[])[]; closed: boolean })
  /** From its upper left corner. */
  | (Common & { kind: 'box'; at: Point; width: number; height: number; roundPt?: number | undefined })
  | (Common & { kind: 'circle'; at: Point; radiusMm: number })
  | Words;

export interface Words {
  kind: 'text';
  id: string;
  at: Point;
  /** Moved from there, points. */
  byPt?: readonly [x: number, y: number];
  anchor: 'start' | 'middle' | 'end';
  text: string;
  sizePt: number;
  ink: Ink;
  font: 'drawing' | 'label' | 'text';
  bold?: boolean | undefined;
  opacity?: number | undefined;
  /** Drawn round the letters, so that they are read on a lining. */
  halo?: Ink | undefined;
  /** Drawn this wide: narrower than its letters would be. */
  widthPt?: number | undefined;
  /** Follows on the same line, in its own ink. */
  then?:
    readonly { text: string; ink: Ink; sizePt: number; gapPt?: number; bold?: boolean; opacity?: number }[] | undefined;
}

/**
 * A drawing with words and figures round it, on a sheet of points (on a screen, pixels). What is drawn to scale stands in
 * layers of millimetres; what keeps its size at every scale stands in layers of points.
 */
export interface Sheet {
  width: number;
  height: number;
  /** Painted in this order. */
  layers: SheetLayer[];
}

export interface SheetLayer extends Layer {
  /** Where its origin lies on the sheet, points. Left out: the sheet's corner. */
  at?: Point;
  /** Points to a millimetre. Left out: its shapes are in points, and it may hold words. */
  pxPerMm?: number;
  /** What is seen of it, points of the sheet. Left out: all. */
  clip?: Box;
}

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
    case 'lines':
      return shape.lines.flat();
    case 'box': {
      const [x, y] = shape.at;
      return [
        [x, y],
        [x + shape.width, y + shape.height],
      ];
    }
    case 'text':
      return [shape.at];
  }
}
