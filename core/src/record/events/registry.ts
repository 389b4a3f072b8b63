import { amended } from './amended.ts';
import { attempt } from './attempt.ts';
import { clockEnded } from './clockEnded.ts';
import { clockStarted } from './clockStarted.ts';
import { choice } from './choice.ts';
import type { EventKind, EventStamp } from './EventKind.ts';
import { filed } from './filed.ts';
import { handedOver } from './handedOver.ts';
import { lookAgain } from './lookAgain.ts';
import { located } from './located.ts';
import { looked } from './looked.ts';
import { mendClosed } from './mendClosed.ts';
import { mendOpened } from './mendOpened.ts';
import { planFrozen } from './planFrozen.ts';
import { reading } from './reading.ts';
import { readingMoved } from './readingMoved.ts';
import { readingStruck } from './readingStruck.ts';
import { released } from './released.ts';
import { result } from './result.ts';
import { stepDone } from './stepDone.ts';
import { wentStiff } from './wentStiff.ts';

/** Everything that can happen to a hole, by kind. */
const REGISTRY = {
  located,
  filed,
  choice,
  reading,
  'reading-struck': readingStruck,
  'reading-moved': readingMoved,
  'mend-opened': mendOpened,
  'plan-frozen': planFrozen,
  looked,
  released,
  attempt,
  'step-done': stepDone,
  'clock-started': clockStarted,
  'clock-ended': clockEnded,
  'handed-over': handedOver,
  'went-stiff': wentStiff,
  result,
  'mend-closed': mendClosed,
  amended,
  'look-again': lookAgain,
};

export type EventKindId = keyof typeof REGISTRY;
/** What this build writes of each kind. */
export type EventPayloads = {
  [K in EventKindId]: (typeof REGISTRY)[K] extends EventKind<infer Payload> ? Payload : never;
};

/** A kind with its payload, correlated. */
export type HoleEventBody<K extends EventKindId = EventKindId> = {
  [P in K]: { kind: P; payload: EventPayloads[P] };
}[K];

/** An event as it is recorded, at the version that this build writes. */
export type HoleEvent<K extends EventKindId = EventKindId> = HoleEventBody<K> & EventStamp;

export const EVENT_KINDS: { readonly [K in EventKindId]: EventKind<EventPayloads[K]> } = REGISTRY;
export const EVENT_KIND_IDS = Object.keys(REGISTRY) as [EventKindId, ...EventKindId[]];
