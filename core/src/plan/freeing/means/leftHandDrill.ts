import { nearestDrill } from '../nearestDrill.ts';
import { spoilsNothing, steps, type MeansMethod } from '../Means.ts';
import {
  drillGetsIn,
  roomTail,
  roomWords,
  startOfDrill,
  STRONG_DRILL,
  stuckFacts,
  type StuckFacts,
} from '../stuckFacts.ts';

/** A drill that is to turn it out: about half its size (rule of thumb). */
const LEFT_HAND_D = 0.5;

type Own = StuckFacts & { drillId: string | null };

export const leftHandDrill: MeansMethod<Own> = {
  judge: (stuck) => {
    const facts = stuckFacts(stuck);
    const possible = facts.threaded && !facts.hard && stuck.why !== 'bottomed' && drillGetsIn(facts);
    return {
      verdict: possible ? 'with-care' : 'does-not-hold',
      facts: { ...facts, drillId: nearestDrill(stuck.rack, LEFT_HAND_D * facts.majorMm)?.id ?? null },
    };
  },
  title: ({ hand }) => (hand === 'right' ? 'Left-hand drill' : 'Ordinary drill: it is left-handed'),
  because: (facts, verdict, say) => {
    if (facts.hard) return 'too hard to drill';
    if (!drillGetsIn(facts)) return roomWords(facts, say);
    return verdict === 'with-care'
      ? `the cut itself turns it out, if it is not too tight${roomTail(facts, say)}`
      : 'the cut cannot turn this out';
  },
  steps: (facts, say) =>
    steps(
      startOfDrill(facts),
      ...(facts.strong ? [STRONG_DRILL] : []),
      `Drill ${facts.drillId ?? say.length(LEFT_HAND_D * facts.majorMm)}, slowly, ${facts.hand === 'right' ? 'a left-hand drill, turning anticlockwise' : 'an ordinary drill, turning clockwise'}: its pull is the way out.`,
    ),
  stop: () => 'It has not moved when the drill is through: do not go larger this way.',
  spoils: spoilsNothing,
};
