import {
  ATTEMPT_OUTCOMES,
  HEAT_TICK_IDS,
  EVENT_KINDS,
  INSTRUMENTS,
  MEANS_IDS,
  MEND_OUTCOMES,
  QUANTITIES,
  RELEASERS,
  STEP_ENDS,
  STIFF_CAUSES_TOLD,
  STIFF_THENS,
  TICK_IDS,
  readPayload,
  WAY_IDS,
  type CaseInputs,
  type EventKindId,
  type EventPayloads,
  type HouseRules,
  type Rack,
} from '@deep-mend/core';
import { z } from 'zod';
import { Day, Id, Millimetres, Moment, Name, Note, oneOf, plainText, Reason } from './basics.ts';
import { CHOICE_VALUES, ChoicePayload } from './choices.ts';
import { FrozenPlanKept } from './plans.ts';
import { ProofResults } from './nouns/proof.ts';
import { HouseRulesKept, RackKept } from './nouns/shop.ts';

const reading = z.strictObject({
  quantity: oneOf(QUANTITIES),
  text: plainText().min(1).max(40),
  notation: z.enum(['mm', 'in', 'thou', 'number', 'letter']),
  mm: Millimetres,
  halfWidthMm: Millimetres,
  instrument: oneOf(INSTRUMENTS),
  movedFrom: z.strictObject({ holeId: Id, readingId: Id }).optional(),
});

const measured = z.strictObject({ mm: z.number(), halfWidthMm: z.number() });
const planInputs = z.strictObject({
  choices: z.strictObject(CHOICE_VALUES).partial() as unknown as z.ZodType<CaseInputs['choices']>,
  readings: z.partialRecord(oneOf(QUANTITIES), measured) as unknown as z.ZodType<CaseInputs['readings']>,
  generations: z.array(
    z.looseObject({ method: z.enum(['as-made', ...WAY_IDS]), outermostMm: z.number().nullable() }),
  ) as unknown as z.ZodType<CaseInputs['generations']>,
  rules: HouseRulesKept as z.ZodType<HouseRules>,
  rack: RackKept as z.ZodType<Rack>,
});

/** The payload of every kind of event, as this build writes it. A kind without its shape does not compile: see conformance.ts. */
export const EVENT_PAYLOADS = {
  located: z.strictObject({ name: Name, faceId: Id.nullable() }),
  filed: z.strictObject({ name: Name, faceId: Id }),
  choice: ChoicePayload,
  reading,
  'reading-struck': z.strictObject({ readingId: Id, reason: Reason }),
  'reading-moved': z.strictObject({ readingId: Id, toHoleId: Id, reason: Reason }),
  'mend-opened': z.strictObject({ mendId: Id, what: Note }),
  'plan-frozen': z.strictObject({
    mendId: Id,
    planId: Id,
    plan: FrozenPlanKept,
    supersedes: Id.nullable(),
    inputs: planInputs.nullable(),
  }),
  looked: z.strictObject({ mendId: Id, planId: Id, ticks: z.array(z.enum(TICK_IDS)).max(TICK_IDS.length) }),
  released: z.strictObject({
    mendId: Id,
    role: oneOf(RELEASERS),
    by: Name,
    reference: Name,
    date: Day,
    allows: Reason,
  }),
  attempt: z.strictObject({
    mendId: Id,
    means: z.enum(MEANS_IDS),
    outcome: oneOf(ATTEMPT_OUTCOMES),
    note: Note,
    ticked: z.array(z.enum(HEAT_TICK_IDS)).max(HEAT_TICK_IDS.length).optional(),
  }),
  'step-done': z.strictObject({
    mendId: Id,
    planId: Id,
    stepId: plainText().min(1).max(60),
    end: oneOf(STEP_ENDS),
    note: Note,
    turns: z.number().min(0).max(10_000).optional(),
    reading: z
      .strictObject({
        text: plainText().min(1).max(40),
        mm: Millimetres,
        instrument: plainText().min(1).max(80).optional(),
        simulated: z.literal(true).optional(),
      })
      .optional(),
    seconds: z.number().int().min(0).max(10_000_000).optional(),
  }),
  'clock-started': z.strictObject({
    mendId: Id,
    clockId: Id,
    what: Name,
    dueAt: Moment,
    cures: z.enum(['firm', 'full']).optional(),
  }),
  'clock-ended': z.strictObject({ mendId: Id, clockId: Id }),
  'handed-over': z.strictObject({ mendId: Id, note: Note }),
  'went-stiff': z.strictObject({
    mendId: Id,
    planId: Id,
    stepId: plainText().min(1).max(60),
    turns: z.number().min(0).max(10_000).nullable(),
    cause: z.enum(STIFF_CAUSES_TOLD),
    then: z.enum(STIFF_THENS),
    note: Note,
  }),
  result: z.strictObject({
    mendId: Id,
    planId: Id,
    results: ProofResults,
    note: Note,
  }),
  'look-again': z.strictObject({
    by: Day.nullable(),
    afterHours: z.number().int().min(1).max(100_000).nullable(),
    what: Note,
  }),
  amended: z.strictObject({ mendId: Id, what: Reason, reason: Reason }),
  'mend-closed': z.strictObject({
    mendId: Id,
    outcome: oneOf(MEND_OUTCOMES),
    note: Note,
    secondSignedBy: Id.nullable(),
  }),
};

/** Holes are located, plans frozen and readings moved by endpoints of their own; every other kind is appended. */
const OWN_DOORS = ['located', 'plan-frozen', 'reading-moved'] as const;
const hasOwnDoor = (kind: string) => (OWN_DOORS as readonly string[]).includes(kind);
type AppendedKind = Exclude<EventKindId, (typeof OWN_DOORS)[number]>;

/** What a client may append to a hole. A reading never says itself where it was moved from. */
export type NewEvent = {
  [K in AppendedKind]: {
    id: string;
    happenedAt: string;
    kind: K;
    payload: K extends 'reading' ? Omit<EventPayloads[K], 'movedFrom'> : EventPayloads[K];
    payloadVersion?: number | undefined;
  };
}[AppendedKind];

const appended = Object.entries({ ...EVENT_PAYLOADS, reading: reading.omit({ movedFrom: true }) })
  .filter(([kind]) => !hasOwnDoor(kind))
  .map(([kind, payload]) =>
    z.strictObject({
      id: Id,
      happenedAt: Moment,
      kind: z.literal(kind),
      payload: payload as z.ZodType,
      /** The version that the client writes; the server brings an older one up to its own. */
      payloadVersion: z.number().int().min(1).max(1000).optional(),
    }),
  );
// The payloads' own shapes are proved in conformance.ts; what is put round them here is the same for all.
export const NewEvent = z
  .discriminatedUnion('kind', appended as [(typeof appended)[number], ...typeof appended])
  .meta({ id: 'NewEvent' }) as unknown as z.ZodType<NewEvent>;

const Versioned = z.looseObject({ kind: z.string(), payloadVersion: z.number().int() });

/**
 * A new event as an older client writes it, at the version that this build parses; anything else as it came, to be refused
 * by its shape. Throws core's `unknown-event` for a kind or a version of a newer build.
 */
export function liftNewEvent(body: unknown): unknown {
  const versioned = Versioned.safeParse(body);
  if (!versioned.success || hasOwnDoor(versioned.data.kind)) return body;
  const { kind, payloadVersion, payload, ...rest } = versioned.data;
  const lifted = readPayload(kind, payloadVersion, payload);
  return { ...rest, kind: lifted.kind, payload: lifted.payload, payloadVersion: EVENT_KINDS[lifted.kind].version };
}

export const StoredEvent = z
  .strictObject({
    id: Id,
    seq: z.number().int(),
    kind: z.string(),
    payloadVersion: z.number().int(),
    payload: z.record(z.string(), z.unknown()),
    happenedAt: Moment,
    recordedAt: Moment,
    actor: z.string(),
  })
  .meta({ id: 'StoredEvent' });

/** A hole with its whole life; its revision is also the ETag. The client folds the events with the same core. */
export const HoleDetail = z
  .strictObject({
    id: Id,
    /** Short, for a label and for the phone. */
    code: z.string(),
    revision: z.number().int(),
    place: z.strictObject({ assetId: Id, assetName: z.string(), faceId: Id, faceName: z.string() }).nullable(),
    events: z.array(StoredEvent),
  })
  .meta({ id: 'HoleDetail' });
export type HoleDetail = z.infer<typeof HoleDetail>;

/** What a write on a hole answers: the events after the revision that the client named. At a gap the client reads again. */
export const HoleWritten = z
  .strictObject({
    id: Id,
    revision: z.number().int(),
    since: z.number().int(),
    events: z.array(StoredEvent),
  })
  .meta({ id: 'HoleWritten' });
export type HoleWritten = z.infer<typeof HoleWritten>;
