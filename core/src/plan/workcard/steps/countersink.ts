import type { HoleCase } from '../../../judge/hole/index.ts';
import { COUNTERSINK_OVER_MM } from '../../cutting/index.ts';
import { handTools, sayTools, type HandTool } from '../handTools.ts';
import type { CutJob } from '../jobs.ts';
import { sayPractice, settledOr, tookPractice, type TakenPractice } from '../practice.ts';
import type { StepKind, StepOf } from '../WorkStep.ts';

export type CountersinkFacts = {
  majorMm: number;
  side: 'mouth' | 'back';
  when: 'before' | 'after' | 'both';
  tools: HandTool[];
  practice: TakenPractice[];
};

/** The mouth, and the far side where a hand reaches it; none where a seat wants its face whole. */
export function countersinkSteps(
  { rules, kind, joint }: HoleCase,
  { prefix, countersinkMm, tap }: CutJob,
): { before: StepOf<'countersink', CountersinkFacts>[]; after: StepOf<'countersink', CountersinkFacts>[] } {
  if (countersinkMm <= 0 || tap === null) return { before: [], after: [] };
  const when = settledOr(rules, 'countersink', 'both');
  const { majorMm } = tap.thread;
  const practice = [tookPractice(rules, 'countersink', { taken: when, byCase: 'both', other: 'after' })];
  const step = (side: CountersinkFacts['side'], id: string): StepOf<'countersink', CountersinkFacts> => ({
    kind: 'countersink',
    id: `${prefix}${id}`,
    minutes: 2,
    noReturn: true,
    facts: {
      majorMm,
      side,
      when,
      tools: handTools(rules, side === 'mouth' ? 'countersink' : 'back-countersink'),
      practice: side === 'mouth' ? practice : [],
    },
  });
  const back = kind === 'through' && joint.backReached ? [step('back', 'countersink-back')] : [];
  const mouth = [step('mouth', 'countersink')];
  return when === 'after' ? { before: [], after: [...mouth, ...back] } : { before: [...mouth, ...back], after: [] };
}

export const countersink: StepKind<CountersinkFacts> = {
  title: ({ side }) => (side === 'mouth' ? 'Countersink lightly' : 'Countersink the far side'),
  what: ({ majorMm, side, when }, say) =>
    side === 'mouth'
      ? `90° until the mouth is ${say.atMost(majorMm + COUNTERSINK_OVER_MM)}, just over the thread.${when === 'both' ? ' One touch more by hand after the tap takes its burr.' : ''}`
      : `As much as breaks the edge, to ${say.atMost(majorMm + COUNTERSINK_OVER_MM)} at most: the tap raises its burr there.`,
  number: ({ majorMm }) => ({ label: 'mouth', valueMm: majorMm + COUNTERSINK_OVER_MM, safe: 'down' }),
  caution: () => null,
  more: ({ tools, practice }) => ({
    tools: sayTools(tools),
    feel: 'Slowly, and with an even push: it chatters when it is forced.',
    stop: 'The mouth is as wide as it says: each tenth more is a tenth of thread less.',
    ...(practice.length > 0 ? { practice: sayPractice(practice) } : {}),
  }),
};
