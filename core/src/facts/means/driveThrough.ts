import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** A pin driven out from behind. */
export const driveThrough: MeansFact = {
  ...USUAL_MEANS,
  minutes: [5, 15],
  name: 'drive through',
  tempts: { screw: null, pin: 2 },
};
