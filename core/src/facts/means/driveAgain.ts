import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** Turned by its own drive, whole or cut again. */
export const driveAgain: MeansFact = { ...USUAL_MEANS, minutes: [5, 20], cost: 'tool', name: 'drive again' };
