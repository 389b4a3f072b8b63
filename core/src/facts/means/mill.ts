import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** Milled out on a machine. */
export const mill: MeansFact = { ...USUAL_MEANS, name: 'mill' };
