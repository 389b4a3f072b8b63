import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** A nut welded onto the break. */
export const weldNut: MeansFact = {
  ...USUAL_MEANS,
  heats: true,
  minutes: [20, 60],
  cost: 'tool',
  name: 'weld nut',
  tempts: { screw: 2, pin: 3 },
};
