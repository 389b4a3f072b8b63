import type { TickId } from '../../plan/routes/index.ts';
import type { EventKind } from './EventKind.ts';

/** What the card's first step asks to be looked at was looked at, by eye. */
export type LookedPayload = { mendId: string; planId: string; ticks: TickId[] };

export const looked: EventKind<LookedPayload> = {
  class: 'observed',
  version: 1,
  upcast: {},
  standsOnRevision: false,
  apply: (file, { mendId, planId, ticks }) => {
    const mend = file.mends.find((entry) => entry.id === mendId);
    // A look belongs to the plan that asked for it: another way may want more metal.
    if (!mend || mend.planId !== planId) return;
    mend.looked = [...new Set([...mend.looked, ...ticks])];
  },
};
