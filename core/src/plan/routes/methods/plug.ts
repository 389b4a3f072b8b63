import { spokenLength } from '../../../basis/units/index.ts';
import { bushWallMm, outsideThreads } from '../../../facts/inserts/index.ts';
import { plainCheck } from '../checks/sharedChecks.ts';
import type { RouteMethod } from '../RouteContext.ts';
import { sleeveRoute } from './sleeve.ts';

/** A plug is drilled again in place, so it keeps more wall than a bush: a quarter of the thread inside (our estimate). */
const PLUG_WALL_SHARE = 0.25;

/** Fill the hole with a threaded plug of the parent's kind, and drill the old thread again where it belongs. */
export const plug: RouteMethod = (context) => {
  const { hole, assessment } = context;
  const { thread } = hole;
  const outside = outsideThreads(thread, PLUG_WALL_SHARE * thread.majorMm).find(
    (candidate) => candidate.majorMm >= Math.max(assessment.outermostCutMm, assessment.cleanUp.mm),
  );
  if (!outside) return [];
  const welded = hole.parent.group === 'steel' || hole.parent.group === 'stainless';
  const pinned = hole.joint.demand.mode === 'preload' && hole.joint.demand.load === 'pulsating';
  const retention = welded ? 'welded' : pinned ? 'pinned' : 'bonded';
  return [
    sleeveRoute(context, outside, {
      id: `plug:${outside.id}`,
      method: 'plug',
      title: `Plug ${outside.designation} and re-drill`,
      checks: [
        plainCheck(
          'skill',
          'Skill and set-up',
          'with-care',
          `two set-ups: the plug, ${retention}, then the thread again on the true axis; the drill meets metal of two kinds`,
        ),
      ],
      notes: [
        `plug of the parent’s kind, wall ${spokenLength(bushWallMm(thread, outside))} round the new thread, ${retention}; the place of the hole can be corrected`,
      ],
      ownSteps: [
        {
          id: 'set-plug',
          title: `Set the plug, ${retention}`,
          what:
            retention === 'welded'
              ? 'Screw it in tight, weld the rim in short runs, dress it flush. A qualified welder only.'
              : retention === 'pinned'
                ? 'Screw it in with retaining compound, pin it across the joint line in two places, dress it flush.'
                : 'Screw it in with retaining compound, leave it to cure, dress it flush.',
          caution: retention === 'welded' ? 'Hot work: seals out, fire watch, fumes.' : null,
        },
        {
          id: 're-drill',
          title: `Drill and tap ${thread.designation} again`,
          what: 'Set the true axis from the neighbours, centre drill, drill with a guide, tap as a new hole.',
          caution: null,
        },
      ],
    }),
  ];
};
