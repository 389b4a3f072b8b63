import type { EventKind } from './EventKind.ts';

/** A mend begins: what happened to the hole, in words. */
export type MendOpenedPayload = { mendId: string; what: string };

export const mendOpened: EventKind<MendOpenedPayload> = {
  class: 'chosen',
  version: 1,
  upcast: {},
  standsOnRevision: true,
  apply: (file, { mendId, what }, { happenedAt, actor }) => {
    file.mends.push({
      id: mendId,
      what,
      openedAt: happenedAt,
      openedBy: actor,
      planId: null,
      plan: null,
      supersededPlans: 0,
      looked: [],
      release: null,
      attempts: [],
      steps: [],
      clocks: [],
      stiff: [],
      handedOver: null,
      results: null,
      resultNote: '',
      amendments: [],
      cause: null,
      outcome: 'open',
      closedAt: null,
      signedBy: null,
      secondSignedBy: null,
    });
  },
};
