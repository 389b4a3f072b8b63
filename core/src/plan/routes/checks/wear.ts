import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

const SOFT: readonly string[] = ['aluminium', 'magnesium', 'zinc', 'plastic', 'copper'];

export type WearFacts = Record<string, never>;

/** A bare thread in soft metal wears each time that it is undone. */
export const judgeWear = ({ joint, parent }: HoleCase, way: Way): CheckOf<'wear', WearFacts>[] =>
  joint.undone === 'often' && way.bareThread && SOFT.includes(parent.group)
    ? [{ ...STATEMENT, kind: 'wear', id: 'wear', verdict: 'with-care', facts: {} }]
    : [];

export const wear: CheckKind<WearFacts> = {
  title: () => 'Undone often',
  words: () => 'a bare thread in soft metal wears each time; a coil or bush does not',
  working: null,
};
