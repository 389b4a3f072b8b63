import type { QuantityId } from '../../judge/hole/index.ts';
import { threadById } from '../../facts/threads/index.ts';
import type { FrozenPlan } from '../../plan/freeze/index.ts';
import type { RecordedResult } from '../results/index.ts';
import type { Attempt, HoleChoices, HoleEvent, ReadingPayload } from './HoleEvent.ts';

export interface ReadingEntry extends ReadingPayload {
  id: string;
  actor: string;
  happenedAt: string;
  state: 'live' | 'superseded' | 'struck' | 'moved' | 'past';
  reason: string | null;
}

export interface MendEntry {
  id: string;
  what: string;
  openedAt: string;
  openedBy: string;
  planId: string | null;
  plan: FrozenPlan | null;
  supersededPlans: number;
  /** What was tried to free it, in order. */
  attempts: (Attempt & { at: string; actor: string })[];
  results: RecordedResult[] | null;
  resultNote: string;
  outcome: 'open' | 'mended' | 'given-up' | 'sent-out';
  closedAt: string | null;
  signedBy: string | null;
  secondSignedBy: string | null;
}

/** One generation of a hole: 0 as made, +1 with each closed mend that changed the thread. */
export interface Generation {
  number: number;
  threadId: string | null;
  method: FrozenPlan['method'] | 'as-made';
  outermostMm: number | null;
  at: string;
  signedBy: string | null;
  mendId: string | null;
}

/** One hole's whole life, derived from its events. */
export interface HoleFile {
  revision: number;
  /** When the last event happened. */
  lastAt: string;
  name: string;
  faceId: string | null;
  choices: Partial<HoleChoices>;
  readings: ReadingEntry[];
  live: Partial<Record<QuantityId, ReadingEntry>>;
  mends: MendEntry[];
  generations: Generation[];
}

/** Readings that describe the damage: a finished mend makes them past. Depth and edge stay true. */
const ENDS_WITH_MEND: readonly QuantityId[] = [
  'damage-to',
  'bore-a',
  'bore-b',
  'bore-a-deep',
  'bore-b-deep',
  'offset-along',
  'offset-across',
  'lean',
  'countersink',
  'proud',
  'sunk',
  'core-offset',
  'stuck-length',
  'core-bore',
  'core-projection',
  'screw-reach',
  'mate-hole',
];

/** Methods that leave the hole's own thread as it was: they make no new generation. */
const SAME_GENERATION: readonly FrozenPlan['method'][] = [
  'leave-it',
  'clean-up',
  'longer-screw',
  'send-out',
  'move-hole',
];

/**
 * Folds the events of one hole, in order of `seq`, into its state. Only live readings count; struck, moved and
 * superseded ones stay visible with their reason. Pure: the same events give the same file.
 */
export function foldHole(events: readonly HoleEvent[]): HoleFile {
  const file: HoleFile = {
    revision: 0,
    lastAt: '',
    name: '',
    faceId: null,
    choices: {},
    readings: [],
    live: {},
    mends: [],
    generations: [],
  };
  const mend = (id: string) => file.mends.find((entry) => entry.id === id);
  for (const event of events) {
    file.revision = event.seq;
    file.lastAt = event.happenedAt;
    switch (event.kind) {
      case 'located':
        file.name = event.payload.name;
        file.faceId = event.payload.faceId;
        file.generations.push({
          number: 0,
          threadId: null,
          method: 'as-made',
          outermostMm: null,
          at: event.happenedAt,
          signedBy: null,
          mendId: null,
        });
        break;
      case 'filed':
        file.name = event.payload.name;
        file.faceId = event.payload.faceId;
        break;
      case 'choice':
        Object.assign(file.choices, { [event.payload.field]: event.payload.value });
        if (event.payload.field === 'threadId' && file.generations.length === 1) {
          file.generations[0]!.threadId = event.payload.value;
          file.generations[0]!.outermostMm = threadById(event.payload.value).majorMm;
        }
        break;
      case 'reading': {
        const entry: ReadingEntry = {
          ...event.payload,
          id: event.id,
          actor: event.actor,
          happenedAt: event.happenedAt,
          state: 'live',
          reason: null,
        };
        const before = file.live[entry.quantity];
        if (before) before.state = 'superseded';
        file.readings.push(entry);
        file.live[entry.quantity] = entry;
        break;
      }
      case 'reading-struck':
      case 'reading-moved': {
        const entry = file.readings.find((reading) => reading.id === event.payload.readingId);
        if (!entry) break;
        const wasLive = entry.state === 'live';
        entry.state = event.kind === 'reading-struck' ? 'struck' : 'moved';
        entry.reason = event.payload.reason;
        if (wasLive) {
          // The reading before it counts again: striking out a wrong one must not lose the right one.
          const earlier = file.readings.filter((r) => r.quantity === entry.quantity && r.state === 'superseded').at(-1);
          if (earlier) {
            earlier.state = 'live';
            file.live[entry.quantity] = earlier;
          } else {
            delete file.live[entry.quantity];
          }
        }
        break;
      }
      case 'mend-opened':
        file.mends.push({
          id: event.payload.mendId,
          what: event.payload.what,
          openedAt: event.happenedAt,
          openedBy: event.actor,
          planId: null,
          plan: null,
          supersededPlans: 0,
          attempts: [],
          results: null,
          resultNote: '',
          outcome: 'open',
          closedAt: null,
          signedBy: null,
          secondSignedBy: null,
        });
        break;
      case 'plan-frozen': {
        const entry = mend(event.payload.mendId);
        if (!entry) break;
        if (entry.plan) entry.supersededPlans += 1;
        entry.planId = event.payload.planId;
        entry.plan = event.payload.plan;
        entry.results = null;
        entry.resultNote = '';
        break;
      }
      case 'attempt': {
        const entry = mend(event.payload.mendId);
        if (!entry) break;
        entry.attempts.push({ ...event.payload, at: event.happenedAt, actor: event.actor });
        // What is out is no longer stuck; what it left is measured like any other damage.
        if (event.payload.outcome === 'freed') file.choices.stuck = 'none';
        break;
      }
      case 'result': {
        const entry = mend(event.payload.mendId);
        if (!entry) break;
        entry.results = event.payload.results;
        entry.resultNote = event.payload.note;
        break;
      }
      case 'mend-closed': {
        const entry = mend(event.payload.mendId);
        if (!entry) break;
        entry.outcome = event.payload.outcome;
        entry.closedAt = event.happenedAt;
        entry.signedBy = event.actor;
        entry.secondSignedBy = event.payload.secondSignedBy;
        if (entry.outcome === 'mended') closeAsMended(file, entry);
        break;
      }
    }
  }
  return file;
}

function closeAsMended(file: HoleFile, entry: MendEntry): void {
  for (const reading of file.readings) {
    if (ENDS_WITH_MEND.includes(reading.quantity) && reading.state !== 'struck' && reading.state !== 'moved') {
      reading.state = 'past';
    }
  }
  for (const quantity of ENDS_WITH_MEND) delete file.live[quantity];
  file.choices.strippedThroughout = false;
  file.choices.stuck = 'none';
  const plan = entry.plan;
  if (!plan || SAME_GENERATION.includes(plan.method)) return;
  file.choices.threadId = plan.threadId;
  file.generations.push({
    number: file.generations.length,
    threadId: plan.threadId,
    method: plan.method,
    outermostMm: plan.numbers.outermostMm,
    at: entry.closedAt!,
    signedBy: entry.signedBy,
    mendId: entry.id,
  });
}
