import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** Turned by its own drive, whole or cut again. */
export const driveAgain: MeansFact = { ...USUAL_MEANS, name: 'drive again' };
