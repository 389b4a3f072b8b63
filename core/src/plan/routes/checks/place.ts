import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';

export type PlaceFacts = { byMm: number };

/** A new hole beside the old one: both parts must allow it. */
export const judgePlace = (byMm: number): CheckOf<'place', PlaceFacts> => ({
  ...STATEMENT,
  kind: 'place',
  id: 'place',
  verdict: 'with-care',
  facts: { byMm },
  remedy: 'refer',
});

export const place: CheckKind<PlaceFacts> = {
  title: () => 'Room for it',
  words: ({ byMm }, _verdict, say) =>
    `at least ${say.length(byMm)} from the old hole and as far from every edge as that one, the mating part drilled to match: both must allow it`,
  working: null,
  step: () => 'Ask whoever answers for both parts before a new hole is drilled.',
};
