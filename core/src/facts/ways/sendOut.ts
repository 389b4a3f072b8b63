import { USUAL_WAY, type Way } from './Way.ts';

/** Another shop judges and answers for it. */
export const sendOut: Way = {
  ...USUAL_WAY,
  name: 'Send out',
  past: 'sent out',
  followsHole: false,
  fastenerChange: 'kept',
  reversible: 'yes',
  minutes: 60,
  parts: 0,
  newGeneration: false,
  lastResort: true,
  elsewhere: true,
  onLadder: false,
};
