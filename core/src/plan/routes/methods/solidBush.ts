import { spokenLength } from '../../../basis/units/index.ts';
import { boreForShare } from '../../../facts/drills/index.ts';
import { bushWallMm, leastBushWallMm, outsideThreads } from '../../../facts/inserts/index.ts';
import type { RouteMethod } from '../RouteContext.ts';
import { sleeveRoute } from './sleeve.ts';

/** Share of thread taken to see whether an outside thread's drill cleans up. */
const USUAL_SHARE = 0.77;

/** A threaded bush, from stock or turned here: the smallest fine thread outside that leaves it a wall, and the first that cleans up. */
export const solidBush: RouteMethod = (context) => {
  const { thread } = context.hole;
  const outsides = outsideThreads(thread, leastBushWallMm(thread.majorMm));
  const { mm, halfWidthMm } = context.assessment.cleanUp;
  const smallest = outsides.find((outside) => outside.majorMm >= context.assessment.outermostCutMm);
  const cleansUp = outsides.find((outside) => boreForShare(outside, USUAL_SHARE) >= mm + halfWidthMm);
  const chosen = [smallest, cleansUp].filter((outside, at, all) => outside && all.indexOf(outside) === at);
  return chosen.map((outside) =>
    sleeveRoute(context, outside!, {
      id: `solid-bush:${outside!.id}`,
      method: 'solid-bush',
      title: `Solid bush, ${outside!.designation} outside`,
      checks: [],
      notes: [
        `inside ${thread.designation}, outside ${outside!.designation}, wall ${spokenLength(bushWallMm(thread, outside!))}`,
      ],
      ownSteps: [
        {
          id: 'set-bush',
          title: 'Set the bush',
          what: 'Degrease both threads, retaining compound on the outside, screw it in just under the face. Stake it in two places where the face allows. Leave it to cure as its sheet says.',
          caution: 'Retaining compound: gloves, air, and no heat before it has cured.',
        },
      ],
    }),
  );
};
