import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** A coil wound out by its own end. */
export const coilEnd: MeansFact = { ...USUAL_MEANS, minutes: [5, 20], name: 'coil end' };
