import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { Proposed, RouteContext } from '../Route.ts';

/** Full turns of engaged thread: fewer bend and strip one after the other, whatever the areas say (rule of thumb). */
export const TURNS_HOLD = 3;
const TURNS_CARE = 1.5;
/** Under one turn there is no thread, whatever it was when new. */
const TURNS_LEAST = 1;

export type TurnsFacts = { engagementMm: number; pitchMm: number };

/** Are there turns enough for the strength model to mean anything? */
export function judgeTurns(
  { made }: Pick<RouteContext, 'made'>,
  { engagementMm, thread }: Pick<Proposed, 'engagementMm' | 'thread'>,
  way: Way,
): CheckOf<'turns', TurnsFacts>[] {
  if (!way.threadCarries || engagementMm <= 0) return [];
  const count = engagementMm / thread.pitchMm;
  // A hole that had no more when it was new is mended as it was made, with care.
  const least = made.turns < TURNS_HOLD ? Math.max(TURNS_LEAST, Math.min(TURNS_CARE, made.turns)) : TURNS_CARE;
  return [
    {
      kind: 'turns',
      id: 'turns',
      verdict: count >= TURNS_HOLD ? 'holds' : count + 1e-9 >= least ? 'with-care' : 'does-not-hold',
      value: count,
      valuePessimistic: count,
      limit: TURNS_HOLD,
      unit: 'turns',
      facts: { engagementMm, pitchMm: thread.pitchMm },
    },
  ];
}

export const turns: CheckKind<TurnsFacts> = {
  title: () => 'Turns of thread',
  words: ({ engagementMm, pitchMm }) => `${(engagementMm / pitchMm).toFixed(1)} full turns engaged after the chamfers`,
  working: ({ engagementMm, pitchMm }) => ({
    title: 'Turns of thread engaged',
    formula: 'turns = Le / P',
    symbols: [
      { symbol: 'Le', meaning: 'engaged full thread', value: engagementMm, unit: 'mm' },
      { symbol: 'P', meaning: 'pitch', value: pitchMm, unit: 'mm' },
    ],
    result: { symbol: 'turns', value: engagementMm / pitchMm, unit: '' },
    source: 'rule of thumb: three full turns, one and a half with care',
    estimate: true,
  }),
};
