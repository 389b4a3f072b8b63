import { spokenLength } from '../../../basis/units/index.ts';
import { plainCheck } from '../checks/sharedChecks.ts';
import type { RouteMethod } from '../RouteContext.ts';
import { withoutThread } from './wholeHole.ts';

/** A new hole this many diameters from the old one leaves metal between them (rule of thumb). */
const MOVE_BY_D = 2.5;

/** Make the hole again beside the old one, where both parts allow. */
export const moveHole: RouteMethod = (context) => {
  const { hole } = context;
  const byMm = MOVE_BY_D * hole.thread.majorMm;
  return [
    withoutThread(context, {
      id: 'move-hole',
      method: 'move-hole',
      title: 'Move the hole',
      checks: [
        plainCheck(
          'place',
          'Room for it',
          'with-care',
          () =>
            `at least ${spokenLength(byMm)} from the old hole and as far from every edge as that one, the mating part drilled to match: both must allow it`,
          { id: 'refer', step: 'Ask whoever answers for both parts before a new hole is drilled.' },
        ),
      ],
      notes: ['the old hole is filled so that nobody uses it'],
    }),
  ];
};
