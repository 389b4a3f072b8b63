import { USUAL_WAY, type Way } from './Way.ts';

/** A coil came out and its tapped hole is sound: a new coil in the same thread. Nothing is cut. */
export const newCoil: Way = {
  ...USUAL_WAY,
  name: 'New coil',
  past: 'new coil in the same thread',
  keepOff: 'Do not drill it or chase it with a tap: the wire comes out.',
  sleeve: 'wire',
  threadCarries: true,
  leaksAlong: true,
  hottestC: 425,
  hotPart: 'the coil’s wire, plain stainless',
  fastenerChange: 'kept',
  reversible: 'yes',
  minutes: 15,
  parts: 2,
  newGeneration: false,
  needs: 'coils',
  prevents: ['worn', 'too-weak'],
};
