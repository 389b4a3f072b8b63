import { USUAL_WAY, type Way } from './Way.ts';

/** Bored clear, with a nut behind. */
export const throughBolt: Way = {
  ...USUAL_WAY,
  name: 'Through bolt and nut',
  past: 'bolted through',
  keepOff: 'Do not screw into the part: there is no thread in it.',
  drills: true,
  leaksAlong: true,
  fastenerChange: 'new',
  reversible: 'no',
  minutes: 30,
  parts: 3,
  seen: true,
  prevents: ['worn', 'too-weak'],
};
