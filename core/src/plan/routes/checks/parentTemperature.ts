import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import { serviceTakenC, type HoleCase } from '../../../judge/hole/index.ts';
import { heatWords, parentAtTemperature } from '../../../judge/strength/index.ts';

export type ParentTemperatureFacts = {
  parentName: string;
  serviceC: number;
  factor: number;
  beyond: boolean;
  holdsPreload: boolean;
};

/**
 * What the parent is still worth at its temperature. Its strength is in the numbers; past the last figure known, and where a
 * preload creeps away, every way is at best with care, inserts too.
 */
export function judgeParentTemperature(
  hole: HoleCase,
  way: Way,
): CheckOf<'parent-temperature', ParentTemperatureFacts>[] {
  const serviceC = serviceTakenC(hole);
  const hot = parentAtTemperature(hole.parent, serviceC);
  if (way.elsewhere || (!hot.beyond && hot.holdsPreload && (hole.joint.serviceC === null || hot.factor >= 1)))
    return [];
  return [
    {
      ...STATEMENT,
      kind: 'parent-temperature',
      id: 'parent-temperature',
      verdict: hot.beyond || !hot.holdsPreload ? 'with-care' : 'holds',
      facts: { parentName: hole.parent.name, serviceC, ...hot },
      ...(hot.holdsPreload ? {} : { remedy: 'seat-only' }),
    },
  ];
}

export const parentTemperature: CheckKind<ParentTemperatureFacts> = {
  title: ({ holdsPreload }) => (holdsPreload ? 'Parent at its temperature' : 'Preload stays'),
  words: ({ parentName, serviceC, ...hot }, _verdict, say) => heatWords(hot, { parentName, serviceC }, say),
  working: null,
  step: () =>
    'Seat the screw and no further, or to the maker’s figure: no preload stays in it, and no torque is computed.',
};
