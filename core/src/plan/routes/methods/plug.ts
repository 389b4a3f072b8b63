import { bushWallMm, outsideThreads } from '../../../facts/inserts/index.ts';
import type { Hand } from '../../../facts/threads/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { judgeSkill } from '../checks/skill.ts';
import { fastenerNote } from '../fastenerNote.ts';
import type { Method } from '../Method.ts';
import { sleeveRoute } from '../sleeveRoute.ts';

/** A plug is drilled again in place, so it keeps more wall than a bush: a quarter of the thread inside (our estimate). */
const PLUG_WALL_SHARE = 0.25;

type Retention = 'welded' | 'pinned' | 'bonded';
type Own = { retention: Retention; wallMm: number; hand: Hand };

/** How the plug is kept: welded where the parent welds, pinned where the load pulsates, else bonded. */
function retentionOf({ parent, joint }: HoleCase): Retention {
  if (parent.group === 'steel' || parent.group === 'stainless') return 'welded';
  return joint.demand.mode === 'preload' && joint.demand.load === 'pulsating' ? 'pinned' : 'bonded';
}

const SET_PLUG: Readonly<Record<Retention, string>> = {
  welded: 'Screw it in tight, weld the rim in short runs, dress it flush. A qualified welder only.',
  pinned: 'Screw it in with retaining compound, pin it across the joint line in two places, dress it flush.',
  bonded: 'Screw it in with retaining compound, leave it to cure, dress it flush.',
};

/** Fill the hole with a threaded plug of the parent's kind, and drill the old thread again where it belongs. */
export const plug: Method<Own> = {
  propose: (context) => {
    const { hole, assessment } = context;
    const { thread } = hole;
    const outside = outsideThreads(thread, PLUG_WALL_SHARE * thread.majorMm).find(
      (candidate) => candidate.majorMm >= Math.max(assessment.outermostCutMm, assessment.cleanUp.mm),
    );
    if (!outside) return [];
    const retention = retentionOf(hole);
    return [
      sleeveRoute(context, outside, {
        id: `plug:${outside.id}`,
        insideShearMpa: (hole.parentTensileMpa ?? hole.parent.tensileLowMpa) * hole.parent.shearRatio,
        title: `Plug ${outside.designation} and re-drill`,
        checks: [judgeSkill({ retention })],
        own: {
          retention,
          wallMm: bushWallMm(thread, outside),
          hand: thread.hand,
        },
      }),
    ];
  },
  whyNothing: () => 'no outside thread held leaves it wall enough',
  notes: (route, say) => [
    `plug of the parent’s kind, wall ${say.length(route.own.wallMm)} round the new thread, ${route.own.retention}; the place of the hole can be corrected`,
    ...fastenerNote(route),
  ],
  steps: ({ retention, hand }) => [
    {
      id: 'set-plug',
      title: `Set the plug, ${retention}`,
      what: `${SET_PLUG[retention]}${
        hand === 'left'
          ? ' Pin it in any case: its outside is a right-hand thread, and tightening the left-hand screw turns it out.'
          : ''
      }`,
      caution: retention === 'welded' ? 'Hot work: seals out, fire watch, fumes.' : null,
      minutes: 20,
      ...(retention === 'welded' ? {} : { cures: true }),
    },
  ],
};
