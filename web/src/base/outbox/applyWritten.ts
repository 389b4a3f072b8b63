import type { HoleDetail, HoleWritten } from '@deep-mend/contract';

/**
 * A hole with the events that a write answered laid after those that are there. Null at a gap, and where the place may have
 * changed: then it is read again.
 */
export function applyWritten(detail: HoleDetail, { revision, since, events }: HoleWritten): HoleDetail | null {
  if (since > detail.revision || events.some(({ kind }) => kind === 'located' || kind === 'filed')) return null;
  const after = [...detail.events, ...events.filter((event) => event.seq > detail.revision)];
  const whole = after.every((event, index) => event.seq === index + 1);
  return whole && after.length === Math.max(revision, detail.revision)
    ? { ...detail, revision: after.length, events: after }
    : null;
}
