import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

export type GallingFacts = Record<string, never>;

/** Stainless in light metal corrodes and seizes when wet. */
export const judgeGalling = ({ joint, parent }: HoleCase, way: Way): CheckOf<'galling', GallingFacts>[] =>
  (parent.group === 'magnesium' || parent.group === 'aluminium') &&
  joint.fastenerClassId?.startsWith('A') &&
  way.threadCarries
    ? [{ ...STATEMENT, kind: 'galling', id: 'galling', verdict: 'holds', facts: {}, remedy: 'insulate' }]
    : [];

export const galling: CheckKind<GallingFacts> = {
  title: () => 'Stainless in light metal',
  words: () => 'the pair corrodes and seizes when wet',
  working: null,
  step: () => 'Insulate the pair: primer, a coated insert or anti-seize.',
};
