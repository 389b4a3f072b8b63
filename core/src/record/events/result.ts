import { cureWaitAt, type RecordedResult } from '../results/index.ts';
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
    // What cures is answered for at a moment: the clock tells whether it was time, not the answer.
    mend.results = results.map((row) =>
      row.id === 'cured' && row.passed ? { ...row, wait: cureWaitAt(mend.clocks, happenedAt) } : row,
    );
    mend.resultNote = note;
  },
};
