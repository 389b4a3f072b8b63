import { combProfile, type Thread } from '@deep-mend/core';
import type { DisplayList, Point } from '../DisplayList.ts';

const LENGTH_MM = 45;
const HEIGHT_MM = 5;
/** Above the crests, so that their line is not cut in half. */
const ABOVE_MM = 0.4;

/** One thread's outline, to be shown at true size: a bolt is held against it, crest on crest along the whole length. */
export function comb(thread: Thread): DisplayList {
  const crests = combProfile(thread, LENGTH_MM).map(([x, y]): Point => [x, y + ABOVE_MM]);
  const endMm = crests.at(-1)![0];
  return {
    view: { x: 0, y: 0, width: endMm + ABOVE_MM, height: HEIGHT_MM },
    layers: [
      {
        id: 'comb',
        shapes: [
          {
            kind: 'polyline',
            id: 'comb',
            closed: true,
            points: [...crests, [endMm, HEIGHT_MM], [0, HEIGHT_MM]],
            fill: { ink: 'hatch' },
            pen: { ink: 'scribe', width: 1 },
          },
        ],
      },
    ],
  };
}
