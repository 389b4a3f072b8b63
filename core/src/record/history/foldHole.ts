import { applyEvent, blankFile, readStored, type HoleFile, type StoredEvent } from '../events/index.ts';

/**
 * Folds the events of one hole, in order of `seq`, into its file. Only live readings count; struck, moved and superseded
 * ones stay visible with their reason. Pure: the same events give the same file. Throws `unknown-event` for what another
 * build wrote and this one cannot read.
 */
export function foldHole(events: readonly StoredEvent[]): HoleFile {
  const file = blankFile();
  for (const event of events) applyEvent(file, readStored(event));
  return file;
}
