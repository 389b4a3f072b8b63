import type { CheckKind } from '../../../basis/checks/index.ts';
import type { Say } from '../../../basis/units/index.ts';
import { stripLoadWorking } from '../../../judge/strength/index.ts';
import { doubtWords, OUTSIDE_MODEL, sideWords, unknownWords, type StripsFacts } from './strips.ts';

export type BreaksFirstFacts = StripsFacts & {
  breakN: number;
  /** Where a larger screw is held to the old one's torque: what broke the old one. */
  oldBreakN: number | null;
};

function reason({ stripN, side, breakN, oldBreakN }: BreaksFirstFacts, withCare: boolean, say: Say): string {
  if (stripN === null) return OUTSIDE_MODEL;
  const strips = `${sideWords(side)} at ${say.load(stripN)}`;
  if (oldBreakN !== null)
    return `${strips}: more than the old screw’s ${say.load(oldBreakN)}, less than 1.25 of the new one’s ${say.load(breakN)}`;
  return withCare
    ? `${strips}, the screw breaks at ${say.load(breakN)} or 20 % more: it may strip first`
    : `${strips}, the screw breaks at ${say.load(breakN)}`;
}

/** Does the screw break before the thread strips? Judged by `judgeStrength`. */
export const breaksFirst: CheckKind<BreaksFirstFacts> = {
  title: () => 'Screw breaks first',
  words: (facts, verdict, say) =>
    reason(facts, verdict === 'with-care', say) + unknownWords(facts.unknown) + doubtWords(facts.doubtful),
  working: ({ strip }) => stripLoadWorking(strip),
  step: () => 'Keep the torque of the old screw: the larger screw could strip this thread.',
};
