import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import { isStainless } from '../../../facts/materials/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

/** Stainless in light metal corrodes and seizes when wet; in stainless it galls while it is turned. */
export type GallingFacts = { pair: 'light' | 'stainless' };

const LIGHT: readonly string[] = ['magnesium', 'aluminium'];

export function judgeGalling({ joint, parent }: HoleCase, way: Way): CheckOf<'galling', GallingFacts>[] {
  if (!isStainless(joint.fastenerClassId) || !way.threadCarries) return [];
  const pair = LIGHT.includes(parent.group) ? 'light' : parent.group === 'stainless' ? 'stainless' : null;
  if (pair === null) return [];
  return [{ ...STATEMENT, kind: 'galling', id: 'galling', verdict: 'holds', facts: { pair }, remedy: 'insulate' }];
}

export const galling: CheckKind<GallingFacts> = {
  title: ({ pair }) => (pair === 'light' ? 'Stainless in light metal' : 'Stainless in stainless'),
  words: ({ pair }) =>
    pair === 'light'
      ? 'the pair corrodes and seizes when wet'
      : 'the pair galls: it welds itself fast while it is turned',
  working: null,
  step: ({ pair }) =>
    pair === 'light'
      ? 'Insulate the pair: primer, a coated insert or anti-seize.'
      : 'Anti-seize on the thread, its torque lowered to match; by hand and slowly, back at once when it tightens.',
};
