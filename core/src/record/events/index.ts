export { applyEvent, isAhead } from './applyEvent.ts';
export type { Attempt } from './attempt.ts';
export {
  blankFile,
  openMendOf,
  type Clock,
  type Generation,
  type HoleFile,
  type MendEntry,
  type ReadingEntry,
} from './HoleFile.ts';
export { STEP_ENDS } from './stepDone.ts';
export { STIFF_CAUSES_TOLD, STIFF_THENS } from './wentStiff.ts';
export { isMended, MEND_OUTCOMES, type MendOutcome } from './mendClosed.ts';
export { RELEASERS, type Releaser } from './released.ts';
export { readPayload, readStored, type StoredEvent } from './readStored.ts';
export { EVENT_KINDS, type EventKindId, type EventPayloads, type HoleEvent, type HoleEventBody } from './registry.ts';
