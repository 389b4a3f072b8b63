import { USUAL_WAY, type Way } from './Way.ts';

/** Welded up, and the thread made as new. */
export const weld: Way = {
  ...USUAL_WAY,
  fills: true,
  name: 'Weld up',
  past: 'welded up and drilled again',
  keepOff: 'Do not bore it larger: beside the weld the metal is soft.',
  followsHole: false,
  fastenerChange: 'kept',
  reversible: 'no',
  minutes: 240,
  parts: 20,
  leaves: { id: 'weld', name: 'weld', isParent: false },
  lastResort: true,
  onLadder: false,
  seen: true,
  mendsCracks: true,
};
