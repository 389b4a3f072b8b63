import type { EventKind } from './EventKind.ts';

/** What is put right about a mend that is signed: a new entry beside the old one, never in its place. */
export type AmendedPayload = { mendId: string; what: string; reason: string };

export const amended: EventKind<AmendedPayload> = {
  class: 'observed',
  version: 1,
  upcast: {},
  standsOnRevision: false,
  apply: (file, { mendId, what, reason }, { happenedAt, actor }) => {
    const mend = file.mends.find((entry) => entry.id === mendId);
    mend?.amendments.push({ what, reason, at: happenedAt, by: actor });
  },
};
