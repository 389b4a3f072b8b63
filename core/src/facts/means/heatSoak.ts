import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** Oil and heat in turns. */
export const heatSoak: MeansFact = { ...USUAL_MEANS, heats: true, minutes: [40, 45], name: 'heat soak', rounds: 3 };
