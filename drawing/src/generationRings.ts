import type { Generation } from '@deep-mend/core';
import type { DisplayList, Shape } from './DisplayList.ts';

/** The outermost ring takes so much of the view's half width: its number stands outside it. */
const RING_SHARE = 0.72;
/** Numbers stand at angles of their own: rings often lie closer than a digit is high. */
const FIRST_DEG = -70;
const STEP_DEG = 38;

/** Generations as rings to scale: as made inside, each repair's outermost cut round it; dashed while a mend is open. */
export function generationRings(generations: readonly Generation[], open: boolean): DisplayList {
  const known = generations.filter((generation) => generation.outermostMm !== null);
  const largestMm = Math.max(1, ...known.map((generation) => generation.outermostMm!));
  const halfMm = largestMm / 2 / RING_SHARE;
  const reachMm = halfMm * AXIS_SHARE;
  const axis: Shape[] = (['x', 'y'] as const).map((id) => ({
    kind: 'polyline',
    id,
    closed: false,
    points:
      id === 'x'
        ? [
            [-reachMm, 0],
            [reachMm, 0],
          ]
        : [
            [0, -reachMm],
            [0, reachMm],
          ],
    pen: { ink: 'hatch', width: 1, dash: [12, 4, 2, 4] },
  }));
  return {
    view: { x: -halfMm, y: -halfMm, width: 2 * halfMm, height: 2 * halfMm },
    layers: [
      { id: 'axes', shapes: axis },
      { id: 'rings', shapes: known.flatMap((generation, index) => ringOf(generation, index, known.length, open)) },
      ...(known.length > 0
        ? []
        : [
            {
              id: 'none',
              shapes: [
                {
                  kind: 'text',
                  id: 'none',
                  at: [0, 0],
                  byPt: [0, -12],
                  anchor: 'middle',
                  text: 'thread not named yet',
                  sizePt: 14,
                  ink: 'scribe',
                  font: 'drawing',
                } satisfies Shape,
              ],
            },
          ]),
    ],
  };
}
const AXIS_SHARE = 0.907;

function ringOf({ number, outermostMm }: Generation, index: number, count: number, open: boolean): Shape[] {
  const radiusMm = outermostMm! / 2;
  const last = index === count - 1;
  const ink = last ? 'chalk' : 'scribe';
  const angle = ((FIRST_DEG + STEP_DEG * index) * Math.PI) / 180;
  return [
    {
      kind: 'circle',
      id: `ring ${number}`,
      at: [0, 0],
      radiusMm,
      pen: { ink, width: last ? 2.5 : 1.5, ...(last && open ? { dash: [7, 5] } : {}) },
    },
    {
      kind: 'text',
      id: `number ${number}`,
      at: [radiusMm * Math.cos(angle), radiusMm * Math.sin(angle)],
      byPt: [10 * Math.cos(angle) - 4, 10 * Math.sin(angle) + 5],
      anchor: 'start',
      text: String(number),
      sizePt: 14,
      ink,
      font: 'drawing',
    },
  ];
}
