import { USUAL_WAY, type Way } from './Way.ts';

/** The thread stays as it is, with a smaller duty. */
export const leaveIt: Way = {
  ...USUAL_WAY,
  name: 'Leave it',
  past: 'left, derated',
  keepOff: 'Do not tighten it to its usual torque: it was left derated.',
  threadCarries: true,
  fastenerChange: 'kept',
  reversible: 'yes',
  minutes: 5,
  parts: 0,
  newGeneration: false,
  lastResort: true,
  onLadder: false,
  holdsPeople: false,
  derates: true,
};
