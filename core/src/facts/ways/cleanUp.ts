import { USUAL_WAY, type Way } from './Way.ts';

/** The old thread cleaned by hand, and what is sound of it used. */
export const cleanUp: Way = {
  ...USUAL_WAY,
  name: 'Clean up',
  past: 'cleaned up',
  threadCarries: true,
  fastenerChange: 'kept',
  reversible: 'partly',
  minutes: 15,
  parts: 0,
  newGeneration: false,
  bareThread: true,
  followsHelix: true,
};
