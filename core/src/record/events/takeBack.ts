import type { HoleFile } from './HoleFile.ts';

/**
 * A reading no longer counts: struck out, or moved to another hole. The one before it counts again, because striking out a
 * wrong one must not lose the right one.
 */
export function takeBack(file: HoleFile, readingId: string, state: 'struck' | 'moved', reason: string): void {
  const entry = file.readings.find((candidate) => candidate.id === readingId);
  if (!entry) return;
  const wasLive = entry.state === 'live';
  entry.state = state;
  entry.reason = reason;
  if (!wasLive) return;
  const earlier = file.readings.filter((row) => row.quantity === entry.quantity && row.state === 'superseded').at(-1);
  if (earlier) {
    earlier.state = 'live';
    file.live[entry.quantity] = earlier;
  } else {
    delete file.live[entry.quantity];
  }
}
