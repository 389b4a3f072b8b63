import type { Check } from '../../../basis/checks/index.ts';
import { spokenLength } from '../../../basis/units/index.ts';
import { keyedBushesFor, keysDiameterMm } from '../../../facts/inserts/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { plainCheck } from '../checks/sharedChecks.ts';
import type { RouteMethod } from '../RouteContext.ts';
import { sleeveRoute } from './sleeve.ts';

/** Beside driven keys a brittle parent wants this share of their circle as wall (our estimate). */
const BRITTLE_WALL_SHARE = 0.3;

/** No driven keys in thin brittle walls: they split it. */
function brittleCheck(hole: HoleCase, keysMm: number): Check[] {
  if (hole.parent.cutting !== 'brittle' || hole.edge === null) return [];
  const wallMm = hole.edge.mm - hole.edge.halfWidthMm - keysMm / 2;
  const needMm = BRITTLE_WALL_SHARE * keysMm;
  const holds = wallMm >= needMm;
  return [
    {
      ...plainCheck(
        'brittle',
        'Stands driven keys',
        holds ? 'holds' : 'does-not-hold',
        () =>
          `${spokenLength(wallMm)} beside the keys in ${hole.parent.name.toLowerCase()}; it needs ${spokenLength(needMm)}`,
      ),
      value: wallMm,
      limit: needMm,
      unit: 'mm',
    },
  ];
}

/** A bush held by keys driven down beside its thread, thin and heavy, where such are made. */
export const keyedBush: RouteMethod = (context) =>
  keyedBushesFor(context.hole.thread)
    .filter(({ outside }) => outside.majorMm >= context.assessment.outermostCutMm)
    .map(({ outside, wall }) =>
      sleeveRoute(context, outside, {
        id: `keyed-bush:${outside.id}`,
        method: 'keyed-bush',
        title: `Keyed bush, ${wall}, ${outside.designation} outside`,
        outermostMm: keysDiameterMm(outside),
        checks: brittleCheck(context.hole, keysDiameterMm(outside)),
        notes: [
          `keys to about ${spokenLength(keysDiameterMm(outside))}; the maker’s sheet for the kit in hand wins: compare the drill stamped on it`,
        ],
        ownSteps: [
          {
            id: 'drive-keys',
            title: 'Set the bush and drive the keys',
            what: 'Screw it in just under the face, then drive the keys down evenly with their tool until they are flush.',
            caution: 'Eye protection: keys are hard.',
          },
        ],
      }),
    );
