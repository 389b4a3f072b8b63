import type { DisplayList, Layer, Place, Point, Shape } from '@deep-mend/drawing';

/** A whole list on a sheet of its own. */
export const placeOf = ({ view }: DisplayList, widthPx: number): Place => ({
  originXMm: view.x,
  originYMm: view.y,
  pxPerMm: widthPx / view.width,
  atX: 0,
  atY: 0,
});

/** A hundredth of a pixel: nobody sees less, and short text is parsed sooner. */
const short = (px: number) => Math.round(px * 100) / 100;

/** @example toPx([1, 2], { originXMm: 0, originYMm: 0, pxPerMm: 10, atX: 5, atY: 0 }) // [15, 20] */
export const toPx = ([x, y]: Point, place: Place): [x: number, y: number] => [
  short(place.atX + (x - place.originXMm) * place.pxPerMm),
  short(place.atY + (y - place.originYMm) * place.pxPerMm),
];

/** A shape as a browser paints it: its element, and its place in pixels. */
export type SvgShape =
  | { element: 'polyline' | 'polygon'; shape: Extract<Shape, { kind: 'polyline' }>; points: string }
  | { element: 'circle'; shape: Extract<Shape, { kind: 'circle' }>; cx: number; cy: number; r: number }
  | { element: 'text'; shape: Extract<Shape, { kind: 'text' }>; x: number; y: number };

/** The shapes of a layer in their place. */
export const svgShapes = ({ shapes }: Layer, place: Place): SvgShape[] =>
  shapes.map((shape): SvgShape => {
    switch (shape.kind) {
      case 'polyline':
        return {
          element: shape.closed ? 'polygon' : 'polyline',
          shape,
          points: shape.points.map((point) => toPx(point, place).join(',')).join(' '),
        };
      case 'circle': {
        const [cx, cy] = toPx(shape.at, place);
        return { element: 'circle', shape, cx, cy, r: short(shape.radiusMm * place.pxPerMm) };
      }
      case 'text': {
        const [x, y] = toPx(shape.at, place);
        return { element: 'text', shape, x: short(x + shape.byPt[0]), y: short(y + shape.byPt[1]) };
      }
    }
  });
