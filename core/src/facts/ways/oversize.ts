import { USUAL_WAY, type Way } from './Way.ts';

/** Drilled and tapped to the next size. */
export const oversize: Way = {
  ...USUAL_WAY,
  name: 'Oversize retap',
  past: 'retapped oversize',
  keepOff: 'Do not put the old, smaller screw back: it strips.',
  carriesByCut: true,
  drills: true,
  taps: true,
  threadCarries: true,
  fastenerChange: 'new',
  reversible: 'no',
  minutes: 30,
  parts: 2,
  leaves: { id: 'oversize', name: 'an oversize thread', isParent: true },
  bareThread: true,
  goesUpASize: true,
  prevents: ['too-weak'],
};
