import { coilIsMadeFor } from '../../../facts/inserts/index.ts';
import { fastenerNote } from '../fastenerNote.ts';
import { noSteps, type Method } from '../Method.ts';
import { coilLengths, coilRoute, coilWords, type CoilOwn } from './wireCoil.ts';

/** A coil came out clean and its tapped hole is sound by gauge, or the insert tap runs through it by hand: a new coil, nothing cut. */
export const newCoil: Method<CoilOwn> = {
  propose: (context) => {
    const { hole } = context;
    return hole.earlierRepair === 'wire-coil' && hole.coilState === 'out-sound' && coilIsMadeFor(hole.thread)
      ? coilLengths(hole).map((length) => coilRoute(context, length, true))
      : [];
  },
  whyNothing: ({ coilState }) =>
    coilState === 'out-metal'
      ? 'the old coil took metal with it'
      : 'only where a coil came out and its tapped hole is sound',
  notes: (route) => ['nothing is cut; ask why the old coil came out', ...fastenerNote(route), coilWords(route.own)],
  steps: noSteps,
};
