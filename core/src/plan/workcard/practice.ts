import { optionOf, PRACTICES, type PracticeId, type PracticeOption } from '../../facts/practice/index.ts';
import type { HouseRules } from '../../judge/hole/index.ts';
import type { SaidPractice } from './WorkStep.ts';

/** What is taken of a question of practice, by the shop or by the case, and the other way. */
export type TakenPractice = { id: PracticeId; taken: string; other: string; settled: boolean };

/** What the shop has settled, else what the case asks for. */
export const settledOr = <Id extends PracticeId>(
  { practice }: Pick<HouseRules, 'practice'>,
  id: Id,
  byCase: PracticeOption<Id>,
): PracticeOption<Id> => (practice?.[id] as PracticeOption<Id> | undefined) ?? byCase;

/**
 * What the card does, with the other way beside it: beside what a shop settled stands what the case asks for. A house rule that
 * the case does not allow is not taken, and is not told as if it were.
 * @param taken - what the step really does
 * @example tookPractice({}, 'pilot', { taken: 'none', byCase: 'none', other: 'pilot' }).other // 'pilot'
 * @example tookPractice({ practice: { cleaning: 'air' } }, 'cleaning', { taken: 'vacuum', byCase: 'vacuum', other: 'air' }).settled // false
 */
export function tookPractice<Id extends PracticeId>(
  rules: Pick<HouseRules, 'practice'>,
  id: Id,
  { taken, byCase, other }: { taken: PracticeOption<Id>; byCase: PracticeOption<Id>; other: PracticeOption<Id> },
): TakenPractice {
  return { id, taken, other: taken === byCase ? other : byCase, settled: rules.practice?.[id] === taken };
}

export const sayPractice = (rows: readonly TakenPractice[]): SaidPractice[] =>
  rows.map(({ id, taken, other, settled }) => {
    const [here, there] = [optionOf(id, taken as never), optionOf(id, other as never)];
    return {
      question: PRACTICES.find((row) => row.id === id)!.question,
      taken: here.name,
      right: here.right,
      settled,
      other: there.name,
      otherRight: there.right,
    };
  });
