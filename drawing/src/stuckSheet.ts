import type { UnitSystem } from '@deep-mend/core';
import type { Fill, Sheet } from './DisplayList.ts';
import { ruleLayers } from './plate/ruleSheet.ts';
import { AXIS_PEN, EDGE_PEN, GOES_ON_PEN, LEGEND } from './plate/sectionSheet.ts';
import { box, level, upright, words, type Letters } from './shapes.ts';
import type { StuckLayout } from './stuckLayout.ts';

const METAL: Fill = { lining: 'parent' };
const DRILLED: Letters = { ...LEGEND, ink: 'chalk' };

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
          words('title', [14, 24], 'Section to scale', LEGEND),
          ...(drills ? [words('legend', [width - 16, 24], 'to be drilled', DRILLED, 'end')] : []),
          box('metal', [metalLeftX, faceY], [metalRightX - metalLeftX, bottomY - faceY], { fill: METAL }),
        ],
      },
      ...layout.layers.map((layer) => ({ ...layer, at: [place.atX, place.atY] as const, pxPerMm: place.pxPerMm })),
      {
        id: 'face',
        shapes: [
          level('face', faceY, metalLeftX, metalRightX, EDGE_PEN),
          upright('axis', axisX, 24, bottomY, AXIS_PEN),
          level('bottom', bottomY, metalLeftX, metalRightX, GOES_ON_PEN),
        ],
      },
      ...ruleLayers(layout, units),
    ],
  };
}
