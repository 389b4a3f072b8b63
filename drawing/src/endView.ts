import type { CoreWindow } from '@deep-mend/core';
import type { DisplayList, Point, Shape } from './DisplayList.ts';

/** The parent's crest takes so much of the view's half width; the foot holds the words, as a share of the width. */
const CREST_SHARE = 0.84;
const FOOT_SHARE = 0.11;

/** The hole from its end: root of what is stuck, crest of the parent, and where the drill’s centre may end up. */
export function endView({
  window,
  drillMm,
  pointsMm,
}: {
  window: CoreWindow;
  drillMm: number;
  pointsMm: readonly Point[];
}): DisplayList {
  const crestMm = window.crestMm / 2;
  const halfMm = crestMm / CREST_SHARE;
  const centre: Point = [0, 0];
  const touches = ([x, y]: Point) => Math.hypot(x, y) + drillMm / 2 > crestMm;
  const dotMm = (2 * halfMm) / DOTS_ACROSS;
  return {
    view: { x: -halfMm, y: -halfMm, width: 2 * halfMm, height: 2 * halfMm * (1 + FOOT_SHARE) },
    layers: [
      {
        id: 'hole',
        shapes: [
          { kind: 'circle', id: 'crest', at: centre, radiusMm: crestMm, fill: { ink: 'hatch' }, pen: THIN },
          { kind: 'circle', id: 'root', at: centre, radiusMm: window.rootMm / 2, fill: { ink: 'deep' }, pen: THIN },
        ],
      },
      {
        id: 'centres',
        shapes: pointsMm.map((at, index): Shape => ({
          kind: 'circle',
          id: String(index),
          at,
          radiusMm: dotMm,
          fill: { ink: touches(at) ? 'fails' : 'holds', opacity: 0.8 },
        })),
      },
      {
        id: 'drill',
        shapes: [
          { kind: 'circle', id: 'drill', at: centre, radiusMm: drillMm / 2, pen: { ink: 'chalk', width: 1.5 } },
          {
            kind: 'text',
            id: 'words',
            at: [0, halfMm * (1 + 2 * FOOT_SHARE)],
            byPt: [0, -8],
            anchor: 'middle',
            text: 'where its centre may end up',
            sizePt: 12,
            ink: 'scribe',
            font: 'label',
          },
        ],
      },
    ],
  };
}
const THIN = { ink: 'scribe', width: 1 } as const;
/** A centre's dot is so small a part of the view that a thousand of them stay dots. */
const DOTS_ACROSS = 143;
