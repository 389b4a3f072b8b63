import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** A drill whose cut turns it out. */
export const leftHandDrill: MeansFact = { ...USUAL_MEANS, name: 'left hand drill', tempts: { screw: 4, pin: null } };
