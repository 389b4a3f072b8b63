import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

export type BackFacts = { through: boolean };

/** Can the far side be reached, to put a nut there? */
export const judgeBack = ({ kind, joint }: HoleCase): CheckOf<'back', BackFacts> => ({
  ...STATEMENT,
  kind: 'back',
  id: 'back',
  verdict: kind === 'through' && joint.backReached ? 'holds' : 'does-not-hold',
  facts: { through: kind === 'through' },
});

export const back: CheckKind<BackFacts> = {
  title: () => 'Back can be reached',
  words: ({ through }, verdict) =>
    verdict === 'holds'
      ? 'a nut or a tapped plate fits behind'
      : through
        ? 'the back is not said to be reached'
        : 'the hole is blind: there is no back to reach',
  working: null,
};
