import { USUAL_WAY, type Way } from './Way.ts';

/** A threaded bush, bonded or staked. */
export const solidBush: Way = {
  ...USUAL_WAY,
  name: 'Solid bush',
  past: 'solid bush',
  keepOff: 'Do not drill it or turn the bush: it is held in its own thread.',
  sleeve: 'compound',
  drills: true,
  taps: true,
  threadCarries: true,
  carriesByCut: true,
  leaksAlong: true,
  // It is held by retaining compound.
  holdsPeople: false,
  hottestC: 230,
  hotPart: 'the retaining compound, high-temperature grade',
  fastenerChange: 'kept',
  reversible: 'partly',
  minutes: 90,
  parts: 12,
  leaves: { id: 'solid-bush', name: 'a solid bush', isParent: false },
  prevents: ['worn', 'too-weak'],
};
