import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import { hurts, type HoleCase } from '../../../judge/hole/index.ts';

export type ReplaceFacts = { why: 'duty' | 'crack' | 'price'; cost: number | null };

/**
 * A new part is always a way. It is the first one where someone can be hurt and where a crack reaches the hole; elsewhere its
 * price and its wait are weighed, by whoever pays.
 */
export function judgeReplace(hole: HoleCase): CheckOf<'replace', ReplaceFacts> {
  const why = hurts(hole) ? 'duty' : hole.crack === 'reaches' ? 'crack' : 'price';
  return {
    ...STATEMENT,
    kind: 'replace',
    id: 'replace',
    verdict: why === 'price' ? 'with-care' : 'holds',
    facts: { why, cost: hole.partCost },
  };
}

export const replace: CheckKind<ReplaceFacts> = {
  title: () => 'A part to be had',
  words: ({ why, cost }) =>
    why === 'duty'
      ? 'someone can be hurt, or a code rules: a sound part goes before any mend'
      : why === 'crack'
        ? 'a crack reaches the hole: a sound part goes before any mend'
        : cost === null
          ? 'what it costs and how long it takes is not said: weigh it against the mend'
          : 'weigh its price and its wait against the mend',
  working: null,
};
