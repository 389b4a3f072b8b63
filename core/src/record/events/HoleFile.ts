import type { HoleChoices, QuantityId } from '../../judge/hole/index.ts';
import type { Cause, WayId } from '../../facts/ways/index.ts';
import type { FrozenPlan } from '../../plan/freeze/index.ts';
import type { RecordedResult } from '../results/index.ts';
import type { Attempt } from './attempt.ts';
import type { MendOutcome } from './mendClosed.ts';
import type { ReleasedPayload } from './released.ts';
import type { StepDone } from './stepDone.ts';
import type { WentStiff } from './wentStiff.ts';
import type { TickId } from '../../plan/routes/index.ts';
import type { ReadingPayload } from './reading.ts';

export interface ReadingEntry extends ReadingPayload {
  id: string;
  actor: string;
  happenedAt: string;
  state: 'live' | 'superseded' | 'struck' | 'moved' | 'past';
  reason: string | null;
}

/** A wait that runs on by itself. */
export interface Clock {
  clockId: string;
  what: string;
  startedAt: string;
  dueAt: string;
  by: string;
  cures?: 'firm' | 'full';
  /** Null: it runs, or is due and nobody has looked. */
  endedAt: string | null;
}

export interface MendEntry {
  id: string;
  what: string;
  openedAt: string;
  openedBy: string;
  planId: string | null;
  plan: FrozenPlan | null;
  supersededPlans: number;
  /** What the plan in force asked to be looked at, and was. */
  looked: TickId[];
  /** As somebody named it; null: not released. */
  release: Omit<ReleasedPayload, 'mendId'> | null;
  /** What was tried to free it, in order. */
  attempts: (Attempt & { at: string; actor: string })[];
  /** Steps at the machine, in the order in which they ended. */
  steps: (StepDone & { at: string; actor: string })[];
  /** Waits, running and over. */
  clocks: Clock[];
  stiff: (WentStiff & { at: string; actor: string })[];
  handedOver: { note: string; at: string; by: string } | null;
  results: RecordedResult[] | null;
  resultNote: string;
  /** What was put right about it after it was signed, in order. */
  amendments: { what: string; reason: string; at: string; by: string }[];
  /** Why the thread failed, as far as somebody knew when the mend ended. */
  cause: Cause | null;
  outcome: 'open' | MendOutcome;
  closedAt: string | null;
  signedBy: string | null;
  secondSignedBy: string | null;
}

/** One generation of a hole: 0 as made, +1 with each closed mend that changed the thread. */
export interface Generation {
  number: number;
  threadId: string | null;
  method: WayId | 'as-made';
  /** How far out it was cut: as planned, or as measured where that is more. */
  outermostMm: number | null;
  /** What was measured of the cut; null: it was not, or an engine before 0.9.0 did not keep it. */
  boreMm: number | null;
  fullThreadMm: number | null;
  at: string;
  signedBy: string | null;
  mendId: string | null;
}

/** One hole's whole life, derived from its events. */
export interface HoleFile {
  revision: number;
  /** When the last event was recorded, by the server's clock. */
  lastAt: string;
  name: string;
  faceId: string | null;
  choices: Partial<HoleChoices>;
  readings: ReadingEntry[];
  live: Partial<Record<QuantityId, ReadingEntry>>;
  mends: MendEntry[];
  generations: Generation[];
  /** When it is to be looked at again; null: nobody asked for it. */
  lookAgain: { by: string | null; afterHours: number | null; what: string } | null;
}

/** A hole of which nothing is recorded yet: what every fold begins with. */
export const blankFile = (): HoleFile => ({
  revision: 0,
  lastAt: '',
  name: '',
  faceId: null,
  choices: {},
  readings: [],
  live: {},
  mends: [],
  generations: [],
  lookAgain: null,
});

/** The mend under way; a hole has one at most. */
export const openMendOf = (file: Pick<HoleFile, 'mends'>): MendEntry | null =>
  file.mends.find((mend) => mend.outcome === 'open') ?? null;
