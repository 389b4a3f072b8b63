import { USUAL_WAY, type Way } from './Way.ts';

/** The sound thread further down, reached by a longer screw. */
export const longerScrew: Way = {
  ...USUAL_WAY,
  name: 'Longer screw',
  past: 'longer screw',
  keepOff: 'Do not put the old, shorter screw back.',
  threadCarries: true,
  fastenerChange: 'longer',
  reversible: 'partly',
  minutes: 20,
  parts: 2,
  newGeneration: false,
  followsHelix: true,
  prevents: ['too-short', 'too-weak'],
};
