import { USUAL_WAY, type Way } from './Way.ts';

/** Filled with a threaded plug, and the old thread made again in it. */
export const plug: Way = {
  ...USUAL_WAY,
  fills: true,
  name: 'Plug and re-drill',
  past: 'plugged and drilled again',
  keepOff: 'Do not drill past the plug: its thread stands in new metal only.',
  drills: true,
  taps: true,
  threadCarries: true,
  carriesByCut: true,
  followsHole: false,
  hottestC: 150,
  hotPart: 'the retaining compound',
  fastenerChange: 'kept',
  reversible: 'no',
  minutes: 150,
  parts: 10,
  leaves: { id: 'plug', name: 'a plug', isParent: false },
  seen: true,
  holdsPeople: false,
};
