import { plainCheck } from '../checks/sharedChecks.ts';
import { clearanceHoles } from '../../../facts/drills/index.ts';
import type { RouteMethod } from '../RouteContext.ts';
import { oversize } from './oversize.ts';

/** The larger thread below, the old size above: where the mating part must stay as it is. */
export const steppedStud: RouteMethod = (context) => {
  const { joint } = context.hole;
  if (joint.mateMayBeOpened) return [];
  return oversize(context)
    .filter((route) => joint.mateHole === null || joint.mateHole.mm < clearanceHoles(route.thread).closeMm)
    .map((route) => ({
      ...route,
      id: route.id.replace('oversize:', 'stepped-stud:'),
      method: 'stepped-stud' as const,
      title: `Stepped stud, ${route.thread.designation} below`,
      mateEffect: '',
      checks: [
        ...route.checks.filter((check) => check.id !== 'mate'),
        plainCheck(
          'turned-part',
          'Part to be made',
          'with-care',
          `a stud of ${route.thread.designation} below and ${context.hole.thread.designation} above has to be turned, with a radius at the step`,
          {
            id: 'turn-part',
            step: 'Turn the stepped stud of the old screw’s class, with a radius at the step and a nut above.',
          },
        ),
      ],
      notes: ['the mating part stays as it is; a nut replaces the screw’s head', ...route.notes.slice(0, 1)],
    }));
};
