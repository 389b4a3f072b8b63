import type { RecordedResult } from '../results/index.ts';
import type { EventKind } from './EventKind.ts';

/** What was measured when the work was done. */
export type ResultPayload = { mendId: string; planId: string; results: RecordedResult[]; note: string };

export const result: EventKind<ResultPayload> = {
  class: 'observed',
  version: 1,
  upcast: {},
  standsOnRevision: true,
  apply: (file, { mendId, results, note }) => {
    const mend = file.mends.find((entry) => entry.id === mendId);
    if (!mend) return;
    mend.results = results;
    mend.resultNote = note;
  },
};
