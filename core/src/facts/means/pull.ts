import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** A pin drilled, tapped and pulled. */
export const pull: MeansFact = {
  ...USUAL_MEANS,
  minutes: [20, 60],
  cost: 'tool',
  name: 'pull',
  tempts: { screw: null, pin: 1 },
};
