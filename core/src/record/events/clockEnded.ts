import type { EventKind } from './EventKind.ts';

/** Somebody looked: the wait is over, or was broken off before it was due. */
export type ClockEnded = { mendId: string; clockId: string };

export const clockEnded: EventKind<ClockEnded> = {
  class: 'observed',
  version: 1,
  upcast: {},
  standsOnRevision: false,
  apply: (file, { mendId, clockId }, { happenedAt }) => {
    const clock = file.mends.find((entry) => entry.id === mendId)?.clocks.find((one) => one.clockId === clockId);
    if (clock && clock.endedAt === null) clock.endedAt = happenedAt;
  },
};
