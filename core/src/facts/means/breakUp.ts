import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** A broken tap shattered from its end, where its pieces fall through. */
export const breakUp: MeansFact = { ...USUAL_MEANS, name: 'break up', minutes: [5, 20], cost: 'tool' };
