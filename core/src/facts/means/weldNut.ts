import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** A nut welded onto the break. */
export const weldNut: MeansFact = { ...USUAL_MEANS, name: 'weld nut', tempts: { screw: 2, pin: 3 } };
