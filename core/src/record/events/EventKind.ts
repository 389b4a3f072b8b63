import type { HoleFile } from './HoleFile.ts';

/** Where an event stands: who recorded it, when it happened and when it was recorded (ISO, UTC). */
export interface EventStamp {
  id: string;
  seq: number;
  happenedAt: string;
  recordedAt: string;
  actor: string;
}

/**
 * One kind of thing that can happen to a hole. Append-only: a correction is a new event.
 * `Payload` is what this build writes; an older one is brought up to it, version by version, before it is applied.
 */
export interface EventKind<Payload> {
  /** Someone measured or did it, or someone decided it. */
  class: 'observed' | 'chosen';
  /** The version of the payload that this build writes. */
  version: number;
  /** From an older version to the next one: `upcast[1]` makes a version 2 of a version 1. */
  upcast: Readonly<Record<number, (older: never) => unknown>>;
  /**
   * Whether it stands on what its author saw: it then names the revision, and is refused if something else was decided since.
   * What is only added, such as a reading, never conflicts.
   */
  standsOnRevision: boolean;
  /** What it changes in the hole's file. */
  apply: (file: HoleFile, payload: Payload, stamp: EventStamp) => void;
}
