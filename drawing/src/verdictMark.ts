import type { Verdict } from '@deep-mend/core';
import type { Ink, Pen, Point, Shape } from './DisplayList.ts';

/** The side of the box that a verdict's mark is drawn in. */
export const VERDICT_MARK_SIDE = 20;

const CORNERS: Readonly<Record<Exclude<Verdict, 'holds'>, { lines: readonly (readonly Point[])[]; closed: boolean }>> =
  {
    'with-care': {
      lines: [
        [
          [10, 3],
          [18, 17],
          [2, 17],
        ],
      ],
      closed: true,
    },
    'does-not-hold': {
      lines: [
        [
          [4, 4],
          [16, 16],
        ],
        [
          [16, 4],
          [4, 16],
        ],
      ],
      closed: false,
    },
  };
const RING_RADIUS = 7;

export const VERDICT_INK: Readonly<Record<Verdict, Ink>> = {
  holds: 'holds',
  'with-care': 'care',
  'does-not-hold': 'fails',
};

/** A verdict by its shape, whatever its colour: a ring, a wedge standing on its foot, two strokes that cross. */
export function verdictMark(
  verdict: Verdict,
  { at: [x, y], sizePt, widthPt, ink }: { at: Point; sizePt: number; widthPt: number; ink: Ink },
): Extract<Shape, { kind: 'circle' | 'lines' }> {
  const scale = sizePt / VERDICT_MARK_SIDE;
  const pen: Pen = { ink, width: widthPt, cap: 'round' };
  const id = `mark ${verdict}`;
  const placed = ([px, py]: Point): Point => [x + px * scale, y + py * scale];
  if (verdict === 'holds') {
    const middle = VERDICT_MARK_SIDE / 2;
    return { kind: 'circle', id, at: placed([middle, middle]), radiusMm: RING_RADIUS * scale, pen };
  }
  const { lines, closed } = CORNERS[verdict];
  return { kind: 'lines', id, lines: lines.map((line) => line.map(placed)), closed, pen };
}
