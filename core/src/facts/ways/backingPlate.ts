import { USUAL_WAY, type Way } from './Way.ts';

/** A thread behind or in a wall too thin to hold one: nut plate or backing plate. */
export const backingPlate: Way = {
  ...USUAL_WAY,
  bySheet: true,
  name: 'Nut plate or backing plate',
  past: 'nut plate behind',
  keepOff: 'Do not take the nut plate away: it holds.',
  drills: true,
  leaksAlong: true,
  fastenerChange: 'kept',
  reversible: 'partly',
  minutes: 40,
  parts: 5,
  onLadder: false,
  seen: true,
  holdsPeople: true,
  prevents: ['too-weak'],
};
