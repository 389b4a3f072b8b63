import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import { hurts, HURT_KINDS, type HoleCase } from '../../../judge/hole/index.ts';

export type ReleaseFacts = { duty: 'can-hurt' | 'under-code'; kind: string | null };

/**
 * Where someone can be hurt, or a code rules, every way of mending waits for a release by whoever answers for it: it is at
 * best with care, and the release changes no number. Taking the part out of use and replacing it need none.
 */
export const judgeRelease = (hole: HoleCase, way: Way): CheckOf<'release', ReleaseFacts>[] =>
  hurts(hole) && !way.elsewhere
    ? [
        {
          ...STATEMENT,
          kind: 'release',
          id: 'release',
          verdict: 'with-care',
          facts: { duty: hole.duty as ReleaseFacts['duty'], kind: hole.hurtKind },
          remedy: 'release',
        },
      ]
    : [];

const kindWords = (kind: string | null) => HURT_KINDS.find((row) => row.id === kind)?.name ?? 'kind not said';

export const release: CheckKind<ReleaseFacts> = {
  title: () => 'Released for mending',
  words: ({ duty, kind }) =>
    duty === 'under-code'
      ? 'it is under a code: the code’s body releases it before anything is cut'
      : `someone can be hurt if it lets go (${kindWords(kind)}): the maker or a competent engineer releases it before anything is cut`,
  working: null,
  step: () =>
    'Nothing is cut before the release is recorded: who, with which reference, what it allows. Afterwards a proof load or pressure test by a competent person, and two signatures.',
};
