import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

export type CrackFacts = { reaches: boolean };

/** A crack that reaches the hole voids the strength model; one that is near may be driven on by a cut. */
export function judgeCrack({ crack: seen }: HoleCase, way: Way): CheckOf<'crack', CrackFacts>[] {
  if (seen === null || seen === 'none' || way.elsewhere) return [];
  const base = { ...STATEMENT, kind: 'crack', id: 'crack' } as const;
  if (seen === 'near')
    return way.drills ? [{ ...base, verdict: 'with-care', facts: { reaches: false }, remedy: 'stop-cracks' }] : [];
  return [{ ...base, verdict: way.mendsCracks ? 'with-care' : 'does-not-hold', facts: { reaches: true } }];
}

export const crack: CheckKind<CrackFacts> = {
  title: () => 'No crack',
  words: ({ reaches }) =>
    reaches
      ? 'a crack reaches the hole: the strength model does not hold; refer it'
      : 'a crack is near: cutting may drive it on',
  working: null,
  step: () => 'Find the crack’s end with penetrant and stop-drill it, or refer it, before anything is cut.',
};
