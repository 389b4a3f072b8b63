import type { Fill, Ink, Pen, Point, Shape, Sheet, SheetLayer, Words } from '@deep-mend/drawing';
import { fontOf, paperText } from './letters.ts';

type Doc = PDFKit.PDFDocument;

/** Inks on paper: black, and greys that a copier keeps; never the colours of the plate. */
const INK: Readonly<Record<Ink, string>> = {
  ground: '#ffffff',
  deep: '#ffffff',
  ink: '#000000',
  scribe: '#000000',
  chalk: '#000000',
  chalkOnPale: '#000000',
  holds: '#000000',
  holdsOnPale: '#000000',
  care: '#000000',
  fails: '#000000',
  faint: '#4d4d4d',
  hatch: '#cccccc',
};

/** A lining on paper is a fifth of the ink: thin lines of light grey, wide apart. */
const LINING = { stepPt: 4.2, widthPt: 0.45, colour: '#b0b0b0' } as const;

/** From a layer's own measure to points of the page. */
type Place = (point: Point) => readonly [x: number, y: number];

const placeOf =
  ({ at = [0, 0], pxPerMm = 1 }: SheetLayer): Place =>
  ([x, y]) => [at[0] + x * pxPerMm, at[1] + y * pxPerMm];

function trace(doc: Doc, points: readonly Point[], closed: boolean, place: Place): void {
  points.forEach((point, index) => (index === 0 ? doc.moveTo(...place(point)) : doc.lineTo(...place(point))));
  if (closed) doc.closePath();
}

/** Lays the outline of a shape as a path. */
function path(doc: Doc, shape: Exclude<Shape, Words>, place: Place, perMm: number): void {
  switch (shape.kind) {
    case 'polyline':
      return trace(doc, shape.points, shape.closed, place);
    case 'lines':
      for (const points of shape.lines) trace(doc, points, shape.closed, place);
      return;
    case 'box': {
      const [x, y] = place(shape.at);
      doc.rect(x, y, shape.width * perMm, shape.height * perMm);
      return;
    }
    case 'circle': {
      const [x, y] = place(shape.at);
      doc.circle(x, y, shape.radiusMm * perMm);
    }
  }
}

/** Rules the inside of a path with lines at 45°, over the whole page and clipped to it. */
function rule(doc: Doc, outline: () => void): void {
  const { width, height } = doc.page;
  doc.save();
  outline();
  doc.clip();
  doc.lineWidth(LINING.widthPt).strokeColor(LINING.colour);
  for (let from = -height; from < width; from += LINING.stepPt * Math.SQRT2)
    doc.moveTo(from, height).lineTo(from + height, 0);
  doc.stroke().restore();
}

function paintFill(doc: Doc, fill: Fill, outline: () => void): void {
  if ('lining' in fill) {
    rule(doc, outline);
    return;
  }
  outline();
  doc
    .fillOpacity(fill.opacity ?? 1)
    .fill(INK[fill.ink])
    .fillOpacity(1);
}

function paintPen(doc: Doc, { ink, width, dash, cap }: Pen, outline: () => void): void {
  outline();
  doc
    .lineWidth(width)
    .strokeColor(INK[ink])
    .lineJoin('round')
    .lineCap(cap ?? 'butt');
  if (dash && dash.length > 0) doc.dash(dash[0]!, { space: dash[1] ?? dash[0]! });
  doc.stroke();
  if (dash && dash.length > 0) doc.undash();
}

function paintWords(doc: Doc, { at, byPt = [0, 0], anchor, text, sizePt, ink, font, bold }: Words, place: Place): void {
  const [x, y] = place(at);
  const set = paperText(text);
  doc
    .font(fontOf({ font: font === 'text' ? 'text' : 'drawing', bold: bold ?? false }))
    .fontSize(sizePt)
    .fillColor(INK[ink]);
  const back = anchor === 'start' ? 0 : doc.widthOfString(set) / (anchor === 'middle' ? 2 : 1);
  doc.text(set, x - back + byPt[0], y + byPt[1], { lineBreak: false, baseline: 'alphabetic' });
}

/** Paints a sheet of points on the page that lies open: the same display list as on a screen. */
export function paintSheet(doc: Doc, { layers }: Sheet): void {
  for (const layer of layers) {
    const place = placeOf(layer);
    const { clip, pxPerMm = 1 } = layer;
    doc.save();
    if (clip) doc.rect(clip.x, clip.y, clip.width, clip.height).clip();
    for (const shape of layer.shapes) {
      if (shape.kind === 'text') {
        paintWords(doc, shape, place);
        continue;
      }
      const outline = () => path(doc, shape, place, pxPerMm);
      if (shape.fill) paintFill(doc, shape.fill, outline);
      if (shape.pen) paintPen(doc, shape.pen, outline);
    }
    doc.restore();
  }
}
