import { USUAL_WAY, type Way } from './Way.ts';

/** A wire coil insert in a larger thread of the same pitch. */
export const wireCoil: Way = {
  ...USUAL_WAY,
  name: 'Wire coil',
  past: 'wire coil insert',
  keepOff: 'Do not drill it or chase it with a tap: the wire comes out.',
  sleeve: 'wire',
  carriesByCut: true,
  drills: true,
  taps: true,
  threadCarries: true,
  leaksAlong: true,
  hottestC: 425,
  hotPart: 'the coil’s wire, plain stainless',
  fastenerChange: 'kept',
  reversible: 'partly',
  minutes: 35,
  parts: 4,
  leaves: { id: 'wire-coil', name: 'a wire coil', isParent: false },
  needs: 'coils',
  prevents: ['worn', 'too-weak'],
};
