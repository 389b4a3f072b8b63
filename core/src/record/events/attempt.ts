import type { AttemptOutcome, MeansId } from '../../facts/means/index.ts';
import type { HeatTickId } from '../../plan/freeing/index.ts';
import type { EventKind } from './EventKind.ts';

/** One try at freeing what is stuck, and what came of it. */
export type Attempt = {
  mendId: string;
  means: MeansId;
  outcome: AttemptOutcome;
  note: string;
  /** What was looked at before it was made hot; left out where nothing was, or before that was asked. */
  ticked?: HeatTickId[] | undefined;
};

export const attempt: EventKind<Attempt> = {
  class: 'observed',
  version: 1,
  upcast: {},
  standsOnRevision: false,
  apply: (file, payload, { happenedAt, actor }) => {
    const mend = file.mends.find((entry) => entry.id === payload.mendId);
    if (!mend) return;
    mend.attempts.push({ ...payload, at: happenedAt, actor });
    // What is out is no longer stuck; what it left is measured like any other damage.
    if (payload.outcome === 'freed') file.choices.stuck = 'none';
  },
};
