import { USUAL_WAY, type Way } from './Way.ts';

/** A threaded bush held by keys that are driven down beside it. */
export const keyedBush: Way = {
  ...USUAL_WAY,
  hottestC: 425,
  hotPart: 'the bush’s steel and its keys',
  name: 'Keyed bush',
  past: 'keyed bush',
  keepOff: 'Do not drill it or turn the bush: its keys hold it.',
  sleeve: 'keys',
  drills: true,
  taps: true,
  threadCarries: true,
  carriesByCut: true,
  leaksAlong: true,
  fastenerChange: 'kept',
  reversible: 'partly',
  minutes: 50,
  parts: 14,
  leaves: { id: 'keyed-bush', name: 'a keyed bush', isParent: false },
  seen: true,
  prevents: ['worn', 'too-weak'],
};
