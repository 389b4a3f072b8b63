import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import { WAYS } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

export type EarlierRepairFacts = { holds: string };

/** What fills the hole since an earlier repair is not the parent; an oversize thread is. */
export function judgeEarlierRepair({ earlierRepair: id }: HoleCase): CheckOf<'earlier-repair', EarlierRepairFacts>[] {
  const left = id === null ? null : WAYS[id].leaves;
  if (left === null || left.isParent) return [];
  const holds = left.name;
  return [{ ...STATEMENT, kind: 'earlier-repair', id: 'earlier-repair', verdict: 'does-not-hold', facts: { holds } }];
}

export const earlierRepair: CheckKind<EarlierRepairFacts> = {
  title: () => 'Earlier repair',
  words: ({ holds }) => `the hole holds ${holds}: a tap would cut that, not the parent`,
  working: null,
};
