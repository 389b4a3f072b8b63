import { USUAL_WAY, type Way } from './Way.ts';

/** A new hole beside the old one. */
export const moveHole: Way = {
  ...USUAL_WAY,
  name: 'Move the hole',
  past: 'moved',
  drills: true,
  taps: true,
  threadCarries: true,
  followsHole: false,
  fastenerChange: 'kept',
  reversible: 'no',
  minutes: 90,
  parts: 0,
  newGeneration: false,
  lastResort: true,
  atThisHole: false,
  onLadder: false,
  seen: true,
};
