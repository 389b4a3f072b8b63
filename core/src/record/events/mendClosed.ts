import { WAYS } from '../../facts/ways/index.ts';
import { endsWithMend, QUANTITIES } from '../../judge/hole/index.ts';
import { foundMm } from '../results/index.ts';
import type { EventKind } from './EventKind.ts';
import type { HoleFile, MendEntry } from './HoleFile.ts';

/** How a mend ends. */
export const MEND_OUTCOMES = [
  { id: 'mended', name: 'mended' },
  { id: 'unproved', name: 'mended, not proved' },
  { id: 'given-up', name: 'given up' },
  { id: 'sent-out', name: 'sent out' },
] as const;
export type MendOutcome = (typeof MEND_OUTCOMES)[number]['id'];

/** Whether the hole was changed by it, proved or not. */
export const isMended = (outcome: MendOutcome | 'open'): boolean => outcome === 'mended' || outcome === 'unproved';

/** A mend ends, and how; the second signature where one is asked for. */
export type MendClosedPayload = {
  mendId: string;
  outcome: MendOutcome;
  note: string;
  secondSignedBy: string | null;
};

/** What a finished mend changes: readings of the damage are past, and a new thread begins the next generation. */
function closeAsMended(file: HoleFile, mend: MendEntry, at: string): void {
  for (const reading of file.readings) {
    if (endsWithMend(reading.quantity) && reading.state !== 'struck' && reading.state !== 'moved')
      reading.state = 'past';
  }
  for (const { id } of QUANTITIES) if (endsWithMend(id)) delete file.live[id];
  file.choices.strippedThroughout = false;
  file.choices.stuck = 'none';
  file.choices.coilState = null;
  file.choices.cause = 'unknown';
  const { plan } = mend;
  if (!plan || !WAYS[plan.method].newGeneration) return;
  const boreMm = foundMm(mend.results, 'bore');
  file.choices.threadId = plan.threadId;
  file.generations.push({
    number: file.generations.length,
    threadId: plan.threadId,
    method: plan.method,
    // What was CUT is what the next mend finds; without a reading, what was planned.
    outermostMm: Math.max(plan.numbers.outermostMm, boreMm ?? 0),
    boreMm,
    fullThreadMm: foundMm(mend.results, 'full-thread'),
    at,
    signedBy: mend.signedBy,
    mendId: mend.id,
  });
}

export const mendClosed: EventKind<MendClosedPayload> = {
  class: 'chosen',
  version: 1,
  upcast: {},
  standsOnRevision: true,
  apply: (file, { mendId, outcome, secondSignedBy }, { happenedAt, actor }) => {
    const mend = file.mends.find((entry) => entry.id === mendId);
    if (!mend) return;
    mend.cause = file.choices.cause ?? 'unknown';
    mend.outcome = outcome;
    mend.closedAt = happenedAt;
    mend.signedBy = actor;
    mend.secondSignedBy = secondSignedBy;
    if (isMended(outcome)) closeAsMended(file, mend, happenedAt);
  },
};
