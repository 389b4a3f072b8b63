import type { Shape } from '../DisplayList.ts';
import { box } from '../shapes.ts';

/** A code of squares, dark where `modules` says so, as wide as is said. */
export function qrShapes(modules: readonly (readonly boolean[])[], x: number, y: number, widthPt: number): Shape[] {
  const side = widthPt / modules.length;
  return modules.flatMap((row, at) =>
    row.flatMap((dark, across) =>
      dark
        ? [box(`code ${at} ${across}`, [x + across * side, y + at * side], [side, side], { fill: { ink: 'ink' } })]
        : [],
    ),
  );
}
