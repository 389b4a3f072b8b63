import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** A screw extractor in a drilled hole. */
export const extractor: MeansFact = {
  ...USUAL_MEANS,
  minutes: [15, 45],
  cost: 'tool',
  name: 'extractor',
  tempts: { screw: 1, pin: null },
};
