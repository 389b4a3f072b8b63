import type { HoleFile } from './HoleFile.ts';
import { EVENT_KINDS, type EventKindId, type HoleEvent } from './registry.ts';

/** One step of the fold: changes the file in place by its next event. */
export function applyEvent<K extends EventKindId>(file: HoleFile, event: HoleEvent<K>): void {
  file.revision = event.seq;
  file.lastAt = event.happenedAt;
  EVENT_KINDS[event.kind].apply(file, event.payload, event);
}
