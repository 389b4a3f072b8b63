import { bushShearMpa, keyedBushesFor, keysDiameterMm } from '../../../facts/inserts/index.ts';
import { judgeBrittle } from '../checks/brittle.ts';
import { fastenerNote } from '../fastenerNote.ts';
import type { Method } from '../Method.ts';
import { sleeveRoute } from '../sleeveRoute.ts';

type Own = { keysMm: number };

/** A bush held by keys driven down beside its thread, thin and heavy, where such are made. */
export const keyedBush: Method<Own> = {
  propose: (context) =>
    keyedBushesFor(context.hole.thread)
      .filter(({ outside }) => outside.majorMm >= context.assessment.outermostCutMm)
      .map(({ outside, wall }) => {
        const keysMm = keysDiameterMm(outside);
        return sleeveRoute(context, outside, {
          id: `keyed-bush:${outside.id}`,
          title: `Keyed bush, ${wall}, ${outside.designation} outside`,
          outermostMm: keysMm,
          insideShearMpa: bushShearMpa(),
          checks: judgeBrittle(context.hole, keysMm),
          own: { keysMm },
        });
      }),
  whyNothing: () => 'no keyed bush in the table is made for this thread beyond what is already cut',
  notes: (route, say) => [
    `keys to about ${say.length(route.own.keysMm)}; the maker’s sheet for the kit in hand wins: compare the drill stamped on it`,
    ...(route.thread.hand === 'left' ? ['for a left-hand screw it is a special: to be ordered'] : []),
    ...fastenerNote(route),
  ],
  steps: () => [
    {
      id: 'drive-keys',
      title: 'Set the bush and drive the keys',
      what: 'Screw it in just under the face, then drive the keys down evenly with their tool until they are flush.',
      caution: 'Eye protection: keys are hard.',
      minutes: 8,
    },
  ],
};
