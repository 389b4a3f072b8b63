import { assess, blankCase, parentById, threadById, weighCase, type HoleCase } from '@deep-mend/core';
import { plateLayout } from '../plate/plateLayout.ts';
import { rungsOf } from '../plate/rungs.ts';

export const exact = (mm: number) => ({ mm, halfWidthMm: 0 });

/** A stripped blind hole with its first way, laid out on a plate. */
export function layoutOf(
  changes: Partial<HoleCase> = {},
  options: {
    width?: number;
    compact?: boolean;
    units?: 'mm' | 'in';
    heldScale?: number;
    done?: { boreMm: number | null; fullThreadMm: number | null };
  } = {},
) {
  const hole: HoleCase = {
    ...blankCase({
      thread: threadById('M8x1.25'),
      parent: parentById('aluminium-cast-heat-treated'),
      kind: 'blind',
      depth: exact(24),
      damageTo: exact(9.5),
      edge: exact(13.5),
      edgeName: 'oil side',
      joint: { fastenerClassId: '8.8', mateHole: exact(9) },
    }),
    ...changes,
  };
  const { routes } = weighCase(hole);
  const route = routes[0]!;
  const layout = plateLayout({
    hole,
    assessment: assess(hole),
    route,
    rungs: rungsOf(routes, route.id),
    units: options.units ?? 'mm',
    width: options.width ?? 628,
    heldScale: options.heldScale,
    done: options.done,
    sectionHeight: 336,
    compact: options.compact ?? false,
  });
  return { hole, route, routes, layout };
}
