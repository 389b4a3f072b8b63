import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** A broken tap turned back by its flutes. */
export const fluteClaws: MeansFact = { ...USUAL_MEANS, name: 'flute claws', minutes: [10, 30], cost: 'tool' };
