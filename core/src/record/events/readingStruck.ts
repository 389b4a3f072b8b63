import type { EventKind } from './EventKind.ts';
import { takeBack } from './takeBack.ts';

/** A reading is struck out; it stays visible with the reason. */
export type ReadingStruckPayload = { readingId: string; reason: string };

export const readingStruck: EventKind<ReadingStruckPayload> = {
  class: 'chosen',
  version: 1,
  upcast: {},
  standsOnRevision: false,
  apply: (file, { readingId, reason }) => takeBack(file, readingId, 'struck', reason),
};
