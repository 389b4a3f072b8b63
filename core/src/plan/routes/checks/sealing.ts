import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

export type SealingFacts = { against: string };

/** What creeps along an insert in a through hole is held at the head or by sealant: an ordinary step. */
export const judgeSealing = ({ joint, kind }: HoleCase, way: Way): CheckOf<'sealing', SealingFacts>[] =>
  joint.sealing !== 'none' && kind === 'through' && way.leaksAlong
    ? [
        {
          ...STATEMENT,
          kind: 'sealing',
          id: 'sealing',
          verdict: 'holds',
          facts: { against: joint.sealing },
          remedy: 'seal-head',
        },
      ]
    : [];

export const sealing: CheckKind<SealingFacts> = {
  title: () => 'Keeps tight',
  words: ({ against }) => `${against} can creep along it`,
  working: null,
  step: () =>
    'Sealant on the screw’s thread, or a bonded washer or ring under its head: the thread itself does not seal.',
};
