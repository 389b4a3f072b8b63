import type { JudgeMeans } from '../Means.ts';
import { steps } from './words.ts';

export const coilEnd: JudgeMeans = (stuck) => {
  const coil = stuck.what === 'coil';
  return {
    title: 'Out by its end',
    verdict: coil ? 'holds' : 'does-not-hold',
    because: coil ? 'a coil is wound out by its first turn' : 'only for a wire coil',
    steps: steps(
      'Prise the first turn inwards, away from where the others lie.',
      `Grip it with a three-edged blade or fine pliers and wind it ${stuck.thread.hand === 'left' ? 'clockwise' : 'anticlockwise'}, pulling gently.`,
      'Count the turns and look for the tang: a piece left behind jams the next tap.',
      'The hole is now the coil’s own larger thread: look at that thread, a new coil of the same length goes in if it is sound.',
    ),
    stop: 'The wire breaks: pick the rest out turn by turn, count the pieces.',
    spoils: '',
  };
};
