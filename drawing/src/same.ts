import type { Box, Fill, Pen, Point, Shape, SheetLayer, Words } from './DisplayList.ts';

// Whether two lists paint the same. A list is made anew with every key on the keyboard, and most of it comes out equal. Field
// by field that takes 60 µs for a plate; a package that compares anything with anything (dequal) takes 176 µs, and a key then
// a fifth more of script in all.

/** Two lists of equal length, one by one. A loop: profiles have hundreds of points. */
export function sameList<T>(a: readonly T[], b: readonly T[], same: (a: T, b: T) => boolean): boolean {
  if (a === b) return true;
  if (a.length !== b.length) return false;
  for (let index = 0; index < a.length; index += 1) if (!same(a[index]!, b[index]!)) return false;
  return true;
}

const samePoint = (a: Point, b: Point): boolean => a[0] === b[0] && a[1] === b[1];

const samePoints = (a: readonly Point[], b: readonly Point[]): boolean => sameList(a, b, samePoint);

const samePen = (a: Pen | undefined, b: Pen | undefined): boolean =>
  a === b ||
  (a !== undefined &&
    b !== undefined &&
    a.ink === b.ink &&
    a.width === b.width &&
    a.opacity === b.opacity &&
    a.cap === b.cap &&
    a.dash?.join() === b.dash?.join());

function sameFill(a: Fill | undefined, b: Fill | undefined): boolean {
  if (a === b) return true;
  if (a === undefined || b === undefined) return false;
  if ('lining' in a) return 'lining' in b && a.lining === b.lining;
  return 'ink' in b && a.ink === b.ink && a.opacity === b.opacity;
}

const sameRuns = (a: Words['then'], b: Words['then']): boolean =>
  a === b ||
  (a !== undefined &&
    b !== undefined &&
    a.length === b.length &&
    a.every((run, index) => {
      const other = b[index]!;
      return (
        run.text === other.text &&
        run.ink === other.ink &&
        run.sizePt === other.sizePt &&
        run.gapPt === other.gapPt &&
        run.bold === other.bold &&
        run.opacity === other.opacity
      );
    }));

/** Whether two words have the same letters, wherever they stand. */
export const sameLetters = (a: Words, b: Words): boolean =>
  a.id === b.id &&
  a.text === b.text &&
  a.anchor === b.anchor &&
  a.sizePt === b.sizePt &&
  a.ink === b.ink &&
  a.font === b.font &&
  a.bold === b.bold &&
  a.opacity === b.opacity &&
  a.halo === b.halo &&
  a.widthPt === b.widthPt &&
  sameRuns(a.then, b.then);

const samePlace = (a: Words, b: Words): boolean =>
  samePoint(a.at, b.at) && a.byPt?.[0] === b.byPt?.[0] && a.byPt?.[1] === b.byPt?.[1];

function sameOutline(a: Exclude<Shape, Words>, b: Exclude<Shape, Words>): boolean {
  switch (a.kind) {
    case 'polyline':
      return b.kind === 'polyline' && a.closed === b.closed && samePoints(a.points, b.points);
    case 'lines':
      return b.kind === 'lines' && a.closed === b.closed && sameList(a.lines, b.lines, samePoints);
    case 'box':
      return (
        b.kind === 'box' &&
        samePoint(a.at, b.at) &&
        a.width === b.width &&
        a.height === b.height &&
        a.roundPt === b.roundPt
      );
    case 'circle':
      return b.kind === 'circle' && samePoint(a.at, b.at) && a.radiusMm === b.radiusMm;
  }
}

/** Whether two shapes paint the same. */
export function sameShape(a: Shape, b: Shape): boolean {
  if (a === b) return true;
  if (a.kind === 'text') return b.kind === 'text' && samePlace(a, b) && sameLetters(a, b);
  return (
    b.kind !== 'text' &&
    a.id === b.id &&
    a.says === b.says &&
    samePen(a.pen, b.pen) &&
    sameFill(a.fill, b.fill) &&
    sameOutline(a, b)
  );
}

const sameClip = (a: Box | undefined, b: Box | undefined): boolean =>
  a === b ||
  (a !== undefined && b !== undefined && a.x === b.x && a.y === b.y && a.width === b.width && a.height === b.height);

/** Whether two layers paint the same, in the same place. */
export const sameLayer = (a: SheetLayer, b: SheetLayer): boolean =>
  a === b ||
  (a.id === b.id &&
    (a.at === b.at || (a.at !== undefined && b.at !== undefined && samePoint(a.at, b.at))) &&
    a.pxPerMm === b.pxPerMm &&
    sameClip(a.clip, b.clip) &&
    sameList(a.shapes, b.shapes, sameShape));
