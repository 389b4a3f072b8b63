import { boreForShare, MAJOR_LESS_PITCH_SHARE } from '../../../facts/drills/index.ts';
import { bushShearMpa, bushWallMm, leastBushWallMm, outsideThreads } from '../../../facts/inserts/index.ts';
import { fastenerNote } from '../fastenerNote.ts';
import type { Method } from '../Method.ts';
import { sleeveRoute } from '../sleeveRoute.ts';

type Own = { inside: string; outside: string; wallMm: number; leftHand: boolean };

/** A threaded bush, from stock or turned here: the smallest fine thread outside that leaves it a wall, and the first that cleans up. */
export const solidBush: Method<Own> = {
  propose: (context) => {
    const { thread } = context.hole;
    const outsides = outsideThreads(thread, leastBushWallMm(thread.majorMm));
    const { mm, halfWidthMm } = context.assessment.cleanUp;
    const smallest = outsides.find((outside) => outside.majorMm >= context.assessment.outermostCutMm);
    const cleansUp = outsides.find((outside) => boreForShare(outside, MAJOR_LESS_PITCH_SHARE) >= mm + halfWidthMm);
    const chosen = [smallest, cleansUp].filter((outside, at, all) => outside && all.indexOf(outside) === at);
    return chosen.map((outside) =>
      sleeveRoute(context, outside!, {
        id: `solid-bush:${outside!.id}`,
        title: `Solid bush, ${outside!.designation} outside`,
        insideShearMpa: bushShearMpa(),
        checks: [],
        own: {
          inside: thread.designation,
          outside: outside!.designation,
          wallMm: bushWallMm(thread, outside!),
          leftHand: thread.hand === 'left',
        },
      }),
    );
  },
  whyNothing: () => 'no outside thread held leaves it wall enough',
  notes: (route, say) => [
    `inside ${route.own.inside}, outside ${route.own.outside}, wall ${say.length(route.own.wallMm)}`,
    ...fastenerNote(route),
  ],
  steps: ({ leftHand }) => [
    {
      id: 'set-bush',
      title: 'Set the bush',
      what: `Degrease both threads, retaining compound on the outside, screw it in just under the face. ${
        leftHand
          ? 'Pin it or stake it in two places: its outside is a right-hand thread, and tightening the left-hand screw turns it out.'
          : 'Stake it in two places where the face allows.'
      } Leave it to cure as its sheet says.`,
      caution: 'Retaining compound: gloves, air, and no heat before it has cured.',
      minutes: 15,
      cures: true,
    },
  ],
};
