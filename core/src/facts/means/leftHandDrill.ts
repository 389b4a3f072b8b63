import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** A drill whose cut turns it out. */
export const leftHandDrill: MeansFact = {
  ...USUAL_MEANS,
  minutes: [10, 30],
  cost: 'tool',
  name: 'left hand drill',
  tempts: { screw: 4, pin: null },
};
