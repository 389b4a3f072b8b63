import type { EventKind } from './EventKind.ts';

/** The work is left for whoever goes on, with what they must know. */
export type HandedOver = { mendId: string; note: string };

export const handedOver: EventKind<HandedOver> = {
  class: 'observed',
  version: 1,
  upcast: {},
  standsOnRevision: false,
  apply: (file, { mendId, note }, { happenedAt, actor }) => {
    const mend = file.mends.find((entry) => entry.id === mendId);
    if (mend) mend.handedOver = { note, at: happenedAt, by: actor };
  },
};
