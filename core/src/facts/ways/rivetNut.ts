import { USUAL_WAY, type Way } from './Way.ts';

/** A thread behind or in a wall too thin to hold one: rivet nut. */
export const rivetNut: Way = {
  ...USUAL_WAY,
  bySheet: true,
  name: 'Rivet nut',
  past: 'rivet nut',
  keepOff: 'Do not drill it or lean on it: it holds by a thin collar.',
  drills: true,
  leaksAlong: true,
  fastenerChange: 'kept',
  reversible: 'no',
  minutes: 20,
  parts: 5,
  onLadder: false,
  seen: true,
  holdsPeople: false,
  prevents: ['too-weak'],
};
