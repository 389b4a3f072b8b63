import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** Turned out by what stands proud. */
export const turnOut: MeansFact = { ...USUAL_MEANS, minutes: [5, 20], name: 'turn out' };
