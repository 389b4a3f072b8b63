import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

export type SealingFacts = { against: string };

/** What creeps along an insert in a through hole has to be held at the head. */
export const judgeSealing = ({ joint, kind }: HoleCase, way: Way): CheckOf<'sealing', SealingFacts>[] =>
  joint.sealing !== 'none' && kind === 'through' && way.leaksAlong
    ? [
        {
          ...STATEMENT,
          kind: 'sealing',
          id: 'sealing',
          verdict: 'with-care',
          facts: { against: joint.sealing },
          remedy: 'seal-head',
        },
      ]
    : [];

export const sealing: CheckKind<SealingFacts> = {
  title: () => 'Keeps tight',
  words: ({ against }) => `${against} can creep along it`,
  working: null,
  step: () => 'Seal under the head with a bonded washer or a ring; the thread itself will not.',
};
