import type { EventKind } from './EventKind.ts';

/** The hole is written down: its name, and the face that it is in, if it is filed. */
export type LocatedPayload = { name: string; faceId: string | null };

export const located: EventKind<LocatedPayload> = {
  class: 'chosen',
  version: 1,
  upcast: {},
  standsOnRevision: true,
  apply: (file, { name, faceId }, { happenedAt }) => {
    file.name = name;
    file.faceId = faceId;
    file.generations.push({
      number: 0,
      threadId: null,
      method: 'as-made',
      outermostMm: null,
      boreMm: null,
      fullThreadMm: null,
      at: happenedAt,
      signedBy: null,
      mendId: null,
    });
  },
};
