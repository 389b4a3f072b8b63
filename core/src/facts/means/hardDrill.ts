import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** Carbide, for what no drill cuts. */
export const hardDrill: MeansFact = { ...USUAL_MEANS, minutes: [30, 90], cost: 'machine', name: 'hard drill' };
