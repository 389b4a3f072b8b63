import { spoilsNothing, steps, type MeansMethod } from '../Means.ts';
import { stuckFacts, type StuckFacts } from '../stuckFacts.ts';

export const coilEnd: MeansMethod<StuckFacts> = {
  judge: (stuck) => ({ verdict: stuck.what === 'coil' ? 'holds' : 'does-not-hold', facts: stuckFacts(stuck) }),
  title: () => 'Out by its end',
  because: (_facts, verdict) =>
    verdict === 'holds' ? 'a coil is wound out by its first turn' : 'only for a wire coil',
  steps: ({ hand }) =>
    steps(
      'Prise the first turn inwards, away from where the others lie.',
      `Grip it with a three-edged blade or fine pliers and wind it ${hand === 'left' ? 'clockwise' : 'anticlockwise'}, pulling gently.`,
      'Count the turns and look for the tang: a piece left behind jams the next tap.',
      'The hole is now the coil’s own larger thread: look at that thread, a new coil of the same length goes in if it is sound.',
    ),
  stop: () => 'The wire breaks: pick the rest out turn by turn, count the pieces.',
  spoils: spoilsNothing,
};
