import type { UnitSystem } from '@deep-mend/core';
import type { Sheet } from './DisplayList.ts';
import { ruleLayers } from './plate/ruleSheet.ts';
import { AXIS_PEN, level, upright } from './plate/sectionSheet.ts';
import type { StuckLayout } from './stuckLayout.ts';

const TITLE = { kind: 'text', sizePt: 13, font: 'label' } as const;

/** What is stuck, drawn where it is, with the rule and its flags beside it. */
export function stuckSheet(layout: StuckLayout, units: UnitSystem): Sheet {
  const { width, height, axisX, faceY, bottomY, metalLeftX, metalRightX, place } = layout;
  const drills = layout.layers.some(({ id, shapes }) => id === 'drills' && shapes.length > 0);
  return {
    width,
    height,
    layers: [
      {
        id: 'legend',
        shapes: [
          { ...TITLE, id: 'title', at: [14, 24], anchor: 'start', text: 'Section to scale', ink: 'scribe' },
          ...(drills
            ? [
                {
                  ...TITLE,
                  id: 'legend',
                  at: [width - 16, 24] as const,
                  anchor: 'end' as const,
                  text: 'to be drilled',
                  ink: 'chalk' as const,
                },
              ]
            : []),
          {
            kind: 'box',
            id: 'metal',
            at: [metalLeftX, faceY],
            width: metalRightX - metalLeftX,
            height: bottomY - faceY,
            fill: { lining: 'parent' },
          },
        ],
      },
      ...layout.layers.map((layer) => ({ ...layer, at: [place.atX, place.atY] as const, pxPerMm: place.pxPerMm })),
      {
        id: 'face',
        shapes: [
          level('face', faceY, metalLeftX, metalRightX),
          upright('axis', axisX, 24, bottomY, AXIS_PEN),
          level('bottom', bottomY, metalLeftX, metalRightX, true),
        ],
      },
      ...ruleLayers(layout, units),
    ],
  };
}
