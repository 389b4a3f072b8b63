import type { EventKind } from './EventKind.ts';

/** A wait that runs on by itself: soak, heat, cool, cure. */
export type ClockStarted = {
  mendId: string;
  clockId: string;
  what: string;
  /** When it is due, ISO, UTC. */
  dueAt: string;
  /** What cures in it: until it is firm, or to its full strength. */
  cures?: 'firm' | 'full' | undefined;
};

export const clockStarted: EventKind<ClockStarted> = {
  class: 'observed',
  version: 1,
  upcast: {},
  standsOnRevision: false,
  apply: (file, { mendId, clockId, what, dueAt, cures }, { happenedAt, actor }) => {
    const mend = file.mends.find((entry) => entry.id === mendId);
    if (!mend || mend.clocks.some((clock) => clock.clockId === clockId)) return;
    mend.clocks.push({
      clockId,
      what,
      dueAt,
      ...(cures ? { cures } : {}),
      startedAt: happenedAt,
      by: actor,
      endedAt: null,
    });
  },
};
