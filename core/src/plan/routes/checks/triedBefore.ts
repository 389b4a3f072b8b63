import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { WayId } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

export type TriedBeforeFacts = { causePresent: boolean };

/** What failed here fails again while what made it fail is there. */
export const judgeTriedBefore = ({ failed }: HoleCase, way: WayId): CheckOf<'tried-before', TriedBeforeFacts>[] =>
  failed?.method === way
    ? [
        {
          ...STATEMENT,
          kind: 'tried-before',
          id: 'tried-before',
          verdict: failed.causePresent ? 'does-not-hold' : 'with-care',
          facts: { causePresent: failed.causePresent },
        },
      ]
    : [];

export const triedBefore: CheckKind<TriedBeforeFacts> = {
  title: () => 'Tried before',
  words: ({ causePresent }) =>
    causePresent
      ? 'it was tried here and failed, and what made it fail is still there'
      : 'it was tried here and failed; what made it fail is said to be gone',
  working: null,
};
