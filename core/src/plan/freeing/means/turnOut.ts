import type { Say } from '../../../basis/units/index.ts';
import { cramped, GRIP_D, TWO_NUTS_D } from '../grip.ts';
import { spoilsNothing, steps, type MeansMethod } from '../Means.ts';
import { stuckFacts, turnWord, type StuckFacts } from '../stuckFacts.ts';

type Own = StuckFacts & { nuts: boolean };

function whyNot({ threaded, proudMm, majorMm }: Own, say: Say): string {
  if (!threaded) return 'it is not a thing that is turned out by its end';
  const wants = `a grip wants ${say.length(GRIP_D * majorMm)}`;
  if (proudMm === null) return `whether it stands proud is not measured; ${wants}`;
  return proudMm <= 0
    ? `nothing of it stands above the face; ${wants}`
    : `it stands ${say.length(proudMm)} proud; ${wants}`;
}

export const turnOut: MeansMethod<Own> = {
  judge: (stuck) => {
    const facts = stuckFacts(stuck);
    const gripMm = stuck.proudMm ?? 0;
    return {
      verdict: facts.threaded && gripMm >= GRIP_D * facts.majorMm ? 'holds' : 'does-not-hold',
      facts: {
        ...facts,
        nuts: gripMm >= TWO_NUTS_D * facts.majorMm && stuck.what !== 'plug' && !cramped(stuck),
      },
    };
  },
  title: ({ nuts }) => (nuts ? 'Two nuts, and turn it out' : 'Turn it out by what stands proud'),
  because: (facts, verdict, say) =>
    verdict === 'holds'
      ? `${say.length(facts.proudMm ?? 0)} stands proud; ${say.length(GRIP_D * facts.majorMm)} is enough to grip`
      : whyNot(facts, say),
  steps: (facts, say) => {
    const { cracks, parentName, nuts, majorMm } = facts;
    const tap = cracks
      ? `No blows: ${parentName.toLowerCase()} cracks.`
      : 'A few sharp taps on its end along the axis.';
    return steps(
      `Soak it. ${tap}`,
      nuts
        ? `Run two thin nuts down (together ${say.length(TWO_NUTS_D * majorMm)}), lock them against each other, spanner on the lower one: it takes a stud out, whatever its hand.`
        : 'Locking pliers or a stud extractor, as low as they go.',
      `Turn ${turnWord(facts)} in short turns to and fro; further only when it moves more each time.`,
    );
  },
  stop: () => 'The end twists without the rest: stop before it shears.',
  spoils: spoilsNothing,
};
