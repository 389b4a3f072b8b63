import type { EventKind } from './EventKind.ts';

/** When a hole is to be looked at again: by a day, after running hours, or both; neither: it was looked at, and no more is due. */
export type LookAgainPayload = { by: string | null; afterHours: number | null; what: string };

export const lookAgain: EventKind<LookAgainPayload> = {
  class: 'chosen',
  version: 1,
  upcast: {},
  standsOnRevision: false,
  apply: (file, { by, afterHours, what }) => {
    file.lookAgain = by === null && afterHours === null ? null : { by, afterHours, what };
  },
};
