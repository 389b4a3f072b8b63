import type { HoleFile } from './HoleFile.ts';
import { EVENT_KINDS, type EventKindId, type HoleEvent } from './registry.ts';

/** Clocks in a shop differ by this much and nobody minds (our estimate). */
const USUAL_DRIFT_MS = 5 * 60_000;

/**
 * Whether an event says that it happened after it was recorded: the clock of its device ran ahead.
 * @example isAhead({ happenedAt: '2031-01-01T08:00:00Z', recordedAt: '2026-01-01T08:00:00Z' }) // true
 */
export const isAhead = ({ happenedAt, recordedAt }: { happenedAt: string; recordedAt: string }): boolean =>
  Date.parse(happenedAt) - Date.parse(recordedAt) > USUAL_DRIFT_MS;

/** One step of the fold: changes the file in place by its next event. */
export function applyEvent<K extends EventKindId>(file: HoleFile, event: HoleEvent<K>): void {
  file.revision = event.seq;
  // Not when it happened: a device whose clock runs ahead would hold its hole on top of every list.
  file.lastAt = event.recordedAt;
  EVENT_KINDS[event.kind].apply(file, event.payload, event);
}
