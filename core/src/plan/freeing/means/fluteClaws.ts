import { GRIP_D } from '../grip.ts';
import { spoilsNothing, steps, type MeansMethod } from '../Means.ts';
import { stuckFacts, turnWord, type StuckFacts } from '../stuckFacts.ts';

type Own = StuckFacts & { grips: boolean };

/** A broken tap is turned back first, before anything cuts it: by what stands proud, else by its flutes. */
export const fluteClaws: MeansMethod<Own> = {
  judge: (stuck) => {
    const facts = stuckFacts(stuck);
    return {
      verdict: stuck.what === 'tap' ? 'with-care' : 'does-not-hold',
      facts: { ...facts, grips: (stuck.proudMm ?? 0) >= GRIP_D * facts.majorMm },
    };
  },
  title: ({ grips }) => (grips ? 'Turn the tap back by what stands proud' : 'Turn the tap back by its flutes'),
  because: ({ what }, verdict) => {
    if (verdict === 'does-not-hold') return 'only for a tap';
    return what === 'tap' ? 'nothing is cut; it works where chips jammed it, not where it struck the bottom' : '';
  },
  steps: (facts) =>
    steps(
      'Brush or vacuum the chips out of its flutes; a drop of oil in each.',
      facts.grips
        ? 'Grip what stands proud, low and square: a tap snaps again at a bend.'
        : 'A tap remover’s claws in its flutes, or two hardened pins against them; a new claw costs less than the part.',
      `To and fro: an eighth on, a quarter ${turnWord(facts)}; never by force.`,
    ),
  stop: () => 'It does not move after a dozen strokes, or a claw bends.',
  spoils: spoilsNothing,
};
