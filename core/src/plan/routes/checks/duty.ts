import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import { internalLimits } from '../../../facts/threads/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import { hurts, type HoleCase } from '../../../judge/hole/index.ts';
import type { Proposed } from '../Route.ts';

export type DutyFacts = { why: keyof typeof WHY };

const WHY = {
  derated: 'a failure leaks or does damage: a derated thread is no answer',
  adhesive: 'someone can be hurt, or a code rules: nothing there that hangs on adhesive, no derated thread',
  'out-of-class': 'someone can be hurt, or a code rules: no bore outside its class there',
} as const;

/**
 * What the hole must never fail at. Precedence: a derated thread where it leaks or does damage; where someone can be hurt or
 * under a code nothing that hangs on adhesive, no derated thread, and no bore outside its class.
 */
export function judgeDuty(hole: HoleCase, way: Way, { cut }: Pick<Proposed, 'cut'>): CheckOf<'duty', DutyFacts>[] {
  const refused = (why: DutyFacts['why']): CheckOf<'duty', DutyFacts>[] => [
    { ...STATEMENT, kind: 'duty', id: 'duty', verdict: 'does-not-hold', facts: { why } },
  ];
  if (hole.duty === 'leak-or-damage' && way.derates) return refused('derated');
  if (!hurts(hole) || way.elsewhere) return [];
  if (!way.holdsPeople) return refused('adhesive');
  return way.taps &&
    cut.thread !== null &&
    cut.drillMm !== null &&
    cut.drillMm > internalLimits(cut.thread).minorMaxMm + 1e-6
    ? refused('out-of-class')
    : [];
}

export const duty: CheckKind<DutyFacts> = {
  title: () => 'Duty',
  words: ({ why }) => WHY[why],
  working: null,
};
