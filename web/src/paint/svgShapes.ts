import type { DisplayList, Place, Point, Shape } from '@deep-mend/drawing';

/** A whole list on a sheet of its own. */
export const placeOf = ({ view }: DisplayList, widthPx: number): Place => ({
  originXMm: view.x,
  originYMm: view.y,
  pxPerMm: widthPx / view.width,
  atX: 0,
  atY: 0,
});

/** Coordinates as they stand in the list: the group round them is placed instead. */
export const AS_THEY_STAND: Place = { originXMm: 0, originYMm: 0, pxPerMm: 1, atX: 0, atY: 0 };

/** Nobody sees less than a hundredth of a pixel, or a thousandth of a millimetre; short text is parsed sooner. */
export const PX_DECIMALS = 2;
export const MM_DECIMALS = 3;

const rounded = (value: number, decimals: number) => Math.round(value * 10 ** decimals) / 10 ** decimals;

/** @example toPx([1, 2], { originXMm: 0, originYMm: 0, pxPerMm: 10, atX: 5, atY: 0 }) // [15, 20] */
export const toPx = ([x, y]: Point, place: Place, decimals = PX_DECIMALS): [x: number, y: number] => [
  rounded(place.atX + (x - place.originXMm) * place.pxPerMm, decimals),
  rounded(place.atY + (y - place.originYMm) * place.pxPerMm, decimals),
];

/** A shape as a browser paints it: its element, and its place in pixels. */
export type SvgShape =
  | { element: 'polyline' | 'polygon'; shape: Extract<Shape, { kind: 'polyline' }>; points: string }
  | { element: 'path'; shape: Extract<Shape, { kind: 'lines' }>; d: string }
  | { element: 'rect'; shape: Extract<Shape, { kind: 'box' }>; x: number; y: number; width: number; height: number }
  | { element: 'circle'; shape: Extract<Shape, { kind: 'circle' }>; cx: number; cy: number; r: number }
  | { element: 'text'; shape: Extract<Shape, { kind: 'text' }>; x: number; y: number };

/** One shape in its place. `points` are preferred to `d`: they are no style, so a key that moves them costs half as much. */
export function svgShape(shape: Shape, place: Place, decimals = PX_DECIMALS): SvgShape {
  const written = (points: readonly Point[], between: string) =>
    points.map((point) => toPx(point, place, decimals).join(',')).join(between);
  const length = (mm: number) => rounded(mm * place.pxPerMm, decimals);
  switch (shape.kind) {
    case 'polyline':
      return { element: shape.closed ? 'polygon' : 'polyline', shape, points: written(shape.points, ' ') };
    case 'lines':
      return {
        element: 'path',
        shape,
        d: shape.lines.map((line) => `M${written(line, 'L')}${shape.closed ? 'Z' : ''}`).join(''),
      };
    case 'box': {
      const [x, y] = toPx(shape.at, place, decimals);
      return { element: 'rect', shape, x, y, width: length(shape.width), height: length(shape.height) };
    }
    case 'circle': {
      const [cx, cy] = toPx(shape.at, place, decimals);
      return { element: 'circle', shape, cx, cy, r: length(shape.radiusMm) };
    }
    case 'text': {
      const [x, y] = toPx(shape.at, place, decimals);
      const [dx, dy] = shape.byPt ?? [0, 0];
      return { element: 'text', shape, x: rounded(x + dx, decimals), y: rounded(y + dy, decimals) };
    }
  }
}
