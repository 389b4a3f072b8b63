import { USUAL_WAY, type Way } from './Way.ts';

/** A new or sound part in its place. */
export const replacePart: Way = {
  ...USUAL_WAY,
  name: 'Replace the part',
  past: 'part replaced',
  followsHole: false,
  fastenerChange: 'kept',
  reversible: 'yes',
  minutes: 120,
  parts: 0,
  newGeneration: false,
  lastResort: true,
  elsewhere: true,
  atThisHole: false,
  onLadder: false,
};
