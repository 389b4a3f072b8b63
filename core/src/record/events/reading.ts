import type { LengthNotation } from '../../basis/units/index.ts';
import type { InstrumentId, QuantityId } from '../../judge/hole/index.ts';
import type { EventKind } from './EventKind.ts';
import type { ReadingEntry } from './HoleFile.ts';

/** One measurement, as typed and in millimetres. */
export type ReadingPayload = {
  quantity: QuantityId;
  text: string;
  notation: LengthNotation;
  mm: number;
  halfWidthMm: number;
  instrument: InstrumentId;
  /** When the reading was moved here from the wrong hole. */
  movedFrom?: { holeId: string; readingId: string } | undefined;
};

export const reading: EventKind<ReadingPayload> = {
  class: 'observed',
  version: 1,
  upcast: {},
  standsOnRevision: false,
  apply: (file, payload, { id, actor, happenedAt }) => {
    const entry: ReadingEntry = { ...payload, id, actor, happenedAt, state: 'live', reason: null };
    const before = file.live[entry.quantity];
    if (before) before.state = 'superseded';
    file.readings.push(entry);
    file.live[entry.quantity] = entry;
  },
};
