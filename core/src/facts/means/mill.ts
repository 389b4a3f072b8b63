import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** Milled out on a machine. */
export const mill: MeansFact = { ...USUAL_MEANS, minutes: [60, 180], cost: 'machine', name: 'mill' };
