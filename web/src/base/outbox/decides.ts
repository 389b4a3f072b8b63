import { EVENT_KINDS, type EventKindId } from '@deep-mend/core';

/** Whether an event is a decision, which others may meet; what a newer build knows counts as one. */
export const decides = (kind: string): boolean => EVENT_KINDS[kind as EventKindId]?.standsOnRevision ?? true;
