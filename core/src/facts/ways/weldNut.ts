import { USUAL_WAY, type Way } from './Way.ts';

/** A thread behind or in a wall too thin to hold one: weld nut. */
export const weldNut: Way = {
  ...USUAL_WAY,
  bySheet: true,
  name: 'Weld nut',
  past: 'weld nut',
  keepOff: 'Do not drive the screw out: the nut breaks off.',
  drills: true,
  leaksAlong: true,
  fastenerChange: 'kept',
  reversible: 'no',
  minutes: 40,
  parts: 5,
  onLadder: false,
  seen: true,
  holdsPeople: false,
  prevents: ['too-weak'],
};
