import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** Drilled to its core, the rest peeled. */
export const corePeel: MeansFact = {
  ...USUAL_MEANS,
  minutes: [45, 150],
  cost: 'tool',
  name: 'core peel',
  drillsToCore: true,
  tempts: { screw: 3, pin: null },
};
