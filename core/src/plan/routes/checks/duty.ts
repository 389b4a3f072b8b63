import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

export type DutyFacts = { duty: 'leak-or-damage' | 'can-hurt' | 'under-code'; barred: boolean };

/**
 * What the hole must never fail at. Precedence: a derated thread where it leaks or does damage; adhesive and derated threads
 * where someone can be hurt or under a code; and under a code its inspector goes first, whatever the way.
 */
export function judgeDuty({ duty }: HoleCase, way: Way): CheckOf<'duty', DutyFacts>[] {
  const base = { ...STATEMENT, kind: 'duty', id: 'duty' } as const;
  if (duty === 'ordinary') return [];
  if (duty === 'leak-or-damage')
    return way.derates ? [{ ...base, verdict: 'does-not-hold', facts: { duty, barred: true } }] : [];
  if (!way.holdsPeople) return [{ ...base, verdict: 'does-not-hold', facts: { duty, barred: true } }];
  return duty === 'under-code' && !way.elsewhere
    ? [{ ...base, verdict: 'with-care', facts: { duty, barred: false }, remedy: 'refer' }]
    : [];
}

const GATED = { 'can-hurt': 'it can hurt someone if it fails', 'under-code': 'it is under a code' } as const;

export const duty: CheckKind<DutyFacts> = {
  title: () => 'Duty',
  words: ({ duty, barred }) =>
    duty === 'leak-or-damage'
      ? 'a failure leaks or does damage: a derated thread is no answer'
      : `${GATED[duty]}: ${barred ? 'no adhesive and no derated thread there' : 'the code and its inspector go first'}`,
  working: null,
  step: () => 'Put the plan to the code’s inspector before the first cut. Two people sign.',
};
