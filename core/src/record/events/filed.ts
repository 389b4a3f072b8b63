import type { EventKind } from './EventKind.ts';

/** A hole of a loose part is put where it belongs. */
export type FiledPayload = { name: string; faceId: string };

export const filed: EventKind<FiledPayload> = {
  class: 'chosen',
  version: 1,
  upcast: {},
  standsOnRevision: true,
  apply: (file, { name, faceId }) => {
    file.name = name;
    file.faceId = faceId;
  },
};
