import type { EventKind } from './EventKind.ts';
import { takeBack } from './takeBack.ts';

/** A reading is moved to the hole that it was taken on; both holes keep a trace. */
export type ReadingMovedPayload = { readingId: string; toHoleId: string; reason: string };

export const readingMoved: EventKind<ReadingMovedPayload> = {
  class: 'chosen',
  version: 1,
  upcast: {},
  standsOnRevision: true,
  apply: (file, { readingId, reason }) => takeBack(file, readingId, 'moved', reason),
};
