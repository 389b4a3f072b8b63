import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** Carbide, for what no drill cuts. */
export const hardDrill: MeansFact = { ...USUAL_MEANS, name: 'hard drill' };
