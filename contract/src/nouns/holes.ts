import { MEND_OUTCOMES, MEND_STATIONS } from '@deep-mend/core';
import { z } from 'zod';
import { Id, Moment, Name, Note, oneOf, Reason } from '../basics.ts';
import { ListQuery } from './lists.ts';

export const NewHole = z
  .strictObject({
    id: Id,
    name: Name,
    faceId: Id.nullable(),
    /** Opens a mend at once: what happened to the hole. */
    mend: z.strictObject({ id: Id, what: Note }).nullable(),
    happenedAt: Moment,
  })
  .meta({ id: 'NewHole' });
export type NewHole = z.infer<typeof NewHole>;

/** One hole in a list. Derived from its events; a cache that can be rebuilt. */
export const HoleSummary = z
  .strictObject({
    id: Id,
    name: z.string(),
    /** Short, for a label and for the phone. */
    code: z.string(),
    faceId: Id.nullable(),
    faceName: z.string().nullable(),
    assetId: Id.nullable(),
    assetName: z.string().nullable(),
    threadId: z.string().nullable(),
    generation: z.number().int(),
    repairs: z.number().int(),
    openMendId: Id.nullable(),
    station: z.enum(MEND_STATIONS).nullable(),
    what: z.string().nullable(),
    lastOutcome: oneOf(MEND_OUTCOMES).nullable(),
    doNotUse: z.boolean(),
    /** The wait that is due first, of those that run on it. */
    clockWhat: z.string().nullable(),
    clockDueAt: Moment.nullable(),
    updatedAt: Moment,
    revision: z.number().int(),
  })
  .meta({ id: 'HoleSummary' });
export type HoleSummary = z.infer<typeof HoleSummary>;

export const HoleQuery = ListQuery.extend({ loose: z.enum(['true']).optional(), face: Id.optional() });

export const MoveReading = z
  .strictObject({
    id: Id,
    newReadingId: Id,
    readingId: Id,
    toHoleId: Id,
    reason: Reason,
    happenedAt: Moment,
  })
  .meta({ id: 'MoveReading' });
export type MoveReading = z.infer<typeof MoveReading>;

/** Turns that a bench has counted so far: a draft of the device, copied now and then; no part of the hole's life. */
export const BenchTurns = z
  .strictObject({ mendId: Id, stepId: z.string().min(1).max(60), turns: z.number().min(0).max(10_000) })
  .meta({ id: 'BenchTurns' });
export type BenchTurns = z.infer<typeof BenchTurns>;

/** What stands of it, by whom and when; nothing: nobody counted. */
export const BenchKept = BenchTurns.extend({ by: z.string(), at: Moment }).nullable();
export type BenchKept = z.infer<typeof BenchKept>;
