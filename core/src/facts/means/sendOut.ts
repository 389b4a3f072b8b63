import { USUAL_MEANS, type MeansFact } from './MeansFact.ts';

/** Another shop frees it. */
export const sendOut: MeansFact = { ...USUAL_MEANS, minutes: null, cost: 'outside', name: 'send out', always: true };
