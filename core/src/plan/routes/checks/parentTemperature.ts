import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { heatWords, parentAtTemperature } from '../../../judge/strength/index.ts';

export type ParentTemperatureFacts = {
  parentName: string;
  factor: number;
  holdsPreload: boolean;
  overC: number | null;
  losesPreload: boolean;
};

/** What the parent is still worth at its temperature: a preload that creeps away does not hold, less strength is with care. */
export function judgeParentTemperature(
  { parent, joint }: HoleCase,
  way: Way,
): CheckOf<'parent-temperature', ParentTemperatureFacts>[] {
  if (!way.threadCarries) return [];
  const hot = parentAtTemperature(parent, joint.serviceC);
  const losesPreload = !hot.holdsPreload && joint.demand.mode === 'preload';
  if (!losesPreload && hot.factor >= 1) return [];
  return [
    {
      ...STATEMENT,
      kind: 'parent-temperature',
      id: 'parent-temperature',
      verdict: losesPreload ? 'does-not-hold' : 'with-care',
      facts: { parentName: parent.name, ...hot, losesPreload },
    },
  ];
}

export const parentTemperature: CheckKind<ParentTemperatureFacts> = {
  title: ({ losesPreload }) => (losesPreload ? 'Preload stays' : 'Parent at its temperature'),
  words: ({ parentName, ...hot }, _verdict, say) => heatWords(hot, parentName, say),
  working: null,
};
