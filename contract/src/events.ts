import {
  EVENT_KINDS,
  INSTRUMENTS,
  MEANS_IDS,
  QUANTITIES,
  readPayload,
  WAY_IDS,
  type CaseInputs,
  type EventKindId,
  type HouseRules,
  type Rack,
} from '@deep-mend/core';
import { z } from 'zod';
import { Id, Millimetres, Moment, Name, Note, oneOf, plainText, Reason } from './basics.ts';
import { CHOICE_VALUES, ChoicePayload } from './choices.ts';
import { FrozenPlanSchema } from './plans.ts';
import { HouseRulesSchema, RackSchema } from './schemas.ts';

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
  rules: HouseRulesSchema as z.ZodType<HouseRules>,
  rack: RackSchema as z.ZodType<Rack>,
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
    plan: FrozenPlanSchema,
    supersedes: Id.nullable(),
    inputs: planInputs.nullable(),
  }),
  attempt: z.strictObject({
    mendId: Id,
    means: z.enum(MEANS_IDS),
    outcome: z.enum(['freed', 'moved', 'nothing', 'worse']),
    note: Note,
  }),
  result: z.strictObject({
    mendId: Id,
    planId: Id,
    results: z
      .array(
        z.strictObject({
          id: z.enum(['bore', 'full-thread', 'set-down', 'gauge', 'square']),
          mm: Millimetres.optional(),
          passed: z.boolean().optional(),
        }),
      )
      .max(20),
    note: Note,
  }),
  'mend-closed': z.strictObject({
    mendId: Id,
    outcome: z.enum(['mended', 'given-up', 'sent-out']),
    note: Note,
    secondSignedBy: Id.nullable(),
  }),
};

const newEvent = <K extends EventKindId, P extends z.ZodType>(kind: K, payload: P) =>
  z.strictObject({
    id: Id,
    happenedAt: Moment,
    kind: z.literal(kind),
    payload,
    /** The version that the client writes; the server brings an older one up to its own. */
    payloadVersion: z.number().int().min(1).max(1000).optional(),
  });

/** What a client may append to a hole. Holes are located, plans frozen and readings moved by their own endpoints. */
export const NewEvent = z
  .discriminatedUnion('kind', [
    newEvent('choice', EVENT_PAYLOADS.choice),
    newEvent('reading', reading.omit({ movedFrom: true })),
    newEvent('reading-struck', EVENT_PAYLOADS['reading-struck']),
    newEvent('filed', EVENT_PAYLOADS.filed),
    newEvent('mend-opened', EVENT_PAYLOADS['mend-opened']),
    newEvent('attempt', EVENT_PAYLOADS.attempt),
    newEvent('result', EVENT_PAYLOADS.result),
    newEvent('mend-closed', EVENT_PAYLOADS['mend-closed']),
  ])
  .meta({ id: 'NewEvent' });
export type NewEvent = z.infer<typeof NewEvent>;

const Versioned = z.looseObject({ kind: z.string(), payloadVersion: z.number().int() });

/**
 * A new event as an older client writes it, at the version that this build parses; anything else as it came, to be refused
 * by its shape. Throws core's `unknown-event` for a kind or a version of a newer build.
 */
export function liftNewEvent(body: unknown): unknown {
  const versioned = Versioned.safeParse(body);
  if (!versioned.success) return body;
  const { kind, payloadVersion, payload, ...rest } = versioned.data;
  const lifted = readPayload(kind, payloadVersion, payload);
  return { ...rest, kind: lifted.kind, payload: lifted.payload, payloadVersion: EVENT_KINDS[lifted.kind].version };
}

/** Kinds that never conflict: two people may add readings at once. All others need If-Match. */
export const APPEND_ONLY_KINDS: readonly EventKindId[] = ['reading', 'reading-struck', 'attempt'];

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
