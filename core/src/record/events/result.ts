import { stampCured, type RecordedResult } from '../results/index.ts';
import type { EventKind } from './EventKind.ts';

/** What was measured when the work was done. */
export type ResultPayload = { mendId: string; planId: string; results: RecordedResult[]; note: string };

export const result: EventKind<ResultPayload> = {
  class: 'observed',
  version: 1,
  upcast: {},
  standsOnRevision: true,
  apply: (file, { mendId, results, note }, { happenedAt }) => {
    const mend = file.mends.find((entry) => entry.id === mendId);
    if (!mend) return;
    mend.results = stampCured(results, mend.clocks, happenedAt);
    mend.resultNote = note;
  },
};
