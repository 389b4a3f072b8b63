import {
  ACCESSES,
  BREAK_FACES,
  DRILL_SETS,
  DRILLING_SET_UPS,
  DRIVES,
  EARLIER_REPAIRS,
  HOLDS,
  INSTRUMENTS,
  MEANS_IDS,
  METHOD_IDS,
  QUANTITIES,
  RANKING_RULES,
  RANKING_WEIGHTS,
  STARTS,
  UNLISTED_KIT,
  USUAL_DRILLING,
  USUAL_RATES,
} from '@deep-mend/core';
import { z } from 'zod';

const oneOf = <T extends { id: string }>(rows: readonly T[]) =>
  z.enum(rows.map((row) => row.id) as [T['id'], ...T['id'][]]);

export const Id = z
  .uuid()
  .meta({ id: 'Id', description: 'UUID, made by the client (v7), so that work can start offline' });
// The database stores no zero bytes, and nobody types control characters into a name.
const NO_CONTROLS = /^[^\p{Cc}]*$/u;
const plainText = () => z.string().regex(NO_CONTROLS, 'no control characters');
export const Name = plainText().trim().min(1).max(120);
export const Note = z
  .string()
  .max(2000)
  .regex(/^[^\u0000]*$/, 'no zero bytes');
export const Reason = plainText().trim().min(1).max(500);
const Moment = z.iso.datetime();
const Millimetres = z.number().finite().min(0).max(10_000);

const DrillMm = z.number().finite().min(0.2).max(100);

const Weight = z.number().min(0).max(10);

const OwnedThreads = z.array(z.string().min(1).max(40)).max(300).nullable();

export const HouseRulesSchema = z
  .strictObject({
    tapDrill: z.enum(['by-material', 'chart-75', 'major-minus-pitch']),
    coilSetDownTurns: z.union([z.literal(0.25), z.literal(0.5), z.literal(0.75)]),
    tapNames: z.enum(['taper-second-bottoming', 'taper-plug-bottoming', 'lead-threads']),
    ranking: z
      .strictObject({
        rule: oneOf(RANKING_RULES),
        weights: z.strictObject({
          metal: Weight,
          fastener: Weight,
          upsize: Weight,
          strength: Weight,
          time: Weight,
          cost: Weight,
        }),
      })
      .default({ rule: 'least-metal', weights: { ...RANKING_WEIGHTS['least-metal'] } }),
    rates: z
      .strictObject({ perHour: z.number().min(0).max(100_000), sentOut: z.number().min(0).max(10_000_000) })
      .default({ ...USUAL_RATES }),
    /** What is owned beside the drills; null: never listed. */
    kit: z
      .strictObject({
        taps: OwnedThreads,
        coils: OwnedThreads,
        extractorDrillsMm: z.array(DrillMm).max(60).nullable(),
      })
      .default({ ...UNLISTED_KIT }),
  })
  .meta({ id: 'HouseRules' });

export const ShopSettings = z
  .strictObject({
    name: Name,
    units: z.enum(['mm', 'in']),
    drillSets: z.array(oneOf(DRILL_SETS)).max(10),
    missingDrills: z.array(z.string().max(20)).max(300),
    /** Single drills beside the sets, by name. */
    singleDrills: z
      .array(z.strictObject({ id: z.string().min(1).max(20), diameterMm: DrillMm }))
      .max(200)
      .default([]),
    /** Drills that cut another size than their own, as measured. */
    wornDrills: z
      .array(z.strictObject({ id: z.string().min(1).max(20), cutsMm: DrillMm }))
      .max(300)
      .default([]),
    drilling: z
      .strictObject({ setUp: oneOf(DRILLING_SET_UPS), measuredOversizeMm: z.number().min(0).max(2).nullable() })
      .default({ ...USUAL_DRILLING }),
    rules: HouseRulesSchema,
    /** False until the three questions of the first start are answered. */
    setUp: z.boolean(),
  })
  .meta({ id: 'ShopSettings' });
export type ShopSettings = z.infer<typeof ShopSettings>;

export const Actor = z
  .strictObject({ id: Id, name: Name, role: z.enum(['mechanic', 'lead-hand']) })
  .meta({ id: 'Actor' });
export type Actor = z.infer<typeof Actor>;

export const NewAsset = z.strictObject({ id: Id, name: Name, note: Note.default('') }).meta({ id: 'NewAsset' });
export const NewFace = z.strictObject({ id: Id, name: Name }).meta({ id: 'NewFace' });
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
export type NewAsset = z.infer<typeof NewAsset>;
export type NewFace = z.infer<typeof NewFace>;
export type NewHole = z.infer<typeof NewHole>;

const choice = <F extends string, V extends z.ZodType>(field: F, value: V) =>
  z.strictObject({ field: z.literal(field), value });
export const ChoicePayload = z.discriminatedUnion('field', [
  choice('threadId', z.string().max(40)),
  choice('parentId', z.string().max(60)),
  choice('parentTensileMpa', z.number().min(10).max(3000).nullable()),
  choice('kind', z.enum(['through', 'blind'])),
  choice('strippedThroughout', z.boolean()),
  choice('edgeName', plainText().max(60)),
  choice('fastenerClassId', z.string().max(20).nullable()),
  choice('demandMode', z.enum(['fastener-first', 'preload'])),
  choice('torqueNm', z.number().positive().max(5000).nullable()),
  choice('friction', z.enum(['dry', 'oiled', 'anti-seize', 'unknown'])),
  choice('load', z.enum(['static', 'pulsating'])),
  choice('duty', z.enum(['ordinary', 'leak-or-damage', 'can-hurt', 'under-code'])),
  choice('axis', z.enum(['true', 'own'])),
  choice('edge2Name', plainText().max(60)),
  choice('floorName', plainText().max(60)),
  choice('crack', z.enum(['none', 'near', 'reaches'])),
  choice('stuck', z.enum(['none', 'screw', 'stud', 'plug', 'dowel', 'tap', 'extractor', 'coil'])),
  choice('earlierRepair', oneOf(EARLIER_REPAIRS).nullable()),
  choice('failedMethod', z.enum(METHOD_IDS).nullable()),
  choice('failedCausePresent', z.boolean()),
  choice('mateMayBeOpened', z.boolean()),
  choice('serviceC', z.number().min(-100).max(1000).nullable()),
  choice('sealing', z.enum(['none', 'oil', 'water', 'pressure'])),
  choice('undone', z.enum(['rarely', 'often'])),
  choice('backReached', z.boolean()),
  choice('appearance', z.boolean()),
  choice('stuckDrive', z.enum(['none', 'damaged', 'good'])),
  choice('stuckWhy', z.enum(['rust', 'galled', 'locker', 'bottomed', 'cross-threaded', 'peened', 'unknown'])),
  choice('stuckHard', z.boolean()),
  choice('stuckStainless', z.boolean()),
  choice('nearLimitC', z.number().min(0).max(1000).nullable()),
  choice('coreStart', oneOf(STARTS)),
  choice('coreHold', oneOf(HOLDS)),
  choice('coreLimit', z.enum(['nominal', 'class'])),
  choice('stuckFace', oneOf(BREAK_FACES)),
  choice('access', oneOf(ACCESSES)),
  choice('drive', oneOf(DRIVES).nullable()),
]);

export const ReadingPayloadSchema = z.strictObject({
  quantity: oneOf(QUANTITIES),
  text: plainText().min(1).max(40),
  notation: z.enum(['mm', 'in', 'thou', 'number', 'letter']),
  mm: Millimetres,
  halfWidthMm: Millimetres,
  instrument: oneOf(INSTRUMENTS),
  movedFrom: z.strictObject({ holeId: Id, readingId: Id }).optional(),
});

export const ResultPayload = z.strictObject({
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
});

const base = { id: Id, happenedAt: Moment };
const newEvent = <K extends string, P extends z.ZodType>(kind: K, payload: P) =>
  z.strictObject({ ...base, kind: z.literal(kind), payload });

/** What a client may append to a hole. Plans are frozen and readings moved by their own endpoints. */
export const NewEvent = z
  .discriminatedUnion('kind', [
    newEvent('choice', ChoicePayload),
    newEvent('reading', ReadingPayloadSchema.omit({ movedFrom: true })),
    newEvent('reading-struck', z.strictObject({ readingId: Id, reason: Reason })),
    newEvent('filed', z.strictObject({ name: Name, faceId: Id })),
    newEvent('mend-opened', z.strictObject({ mendId: Id, what: Note })),
    newEvent(
      'attempt',
      z.strictObject({
        mendId: Id,
        means: z.enum(MEANS_IDS),
        outcome: z.enum(['freed', 'moved', 'nothing', 'worse']),
        note: Note,
      }),
    ),
    newEvent('result', ResultPayload),
    newEvent(
      'mend-closed',
      z.strictObject({
        mendId: Id,
        outcome: z.enum(['mended', 'given-up', 'sent-out']),
        note: Note,
        secondSignedBy: Id.nullable(),
      }),
    ),
  ])
  .meta({ id: 'NewEvent' });
export type NewEvent = z.infer<typeof NewEvent>;

/** Kinds that never conflict: two people may add readings at once. All others need If-Match. */
export const APPEND_ONLY_KINDS: readonly NewEvent['kind'][] = ['reading', 'reading-struck', 'attempt'];

export const NewPlan = z
  .strictObject({ id: Id, mendId: Id, routeId: z.string().max(80), digest: z.string().length(64), happenedAt: Moment })
  .meta({ id: 'NewPlan', description: 'digest: SHA-256 of the numbers that the person saw' });
export type NewPlan = z.infer<typeof NewPlan>;

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

export const ListQuery = z.strictObject({
  search: plainText().max(100).optional(),
  cursor: z.string().max(200).optional(),
  limit: z.coerce.number().int().min(1).max(100).default(50),
});
export const MendQuery = ListQuery.extend({ state: z.enum(['open', 'closed']).default('open') });
export const HoleQuery = ListQuery.extend({ loose: z.enum(['true']).optional() });

/** One hole in a list. Derived from its events; a cache that can be rebuilt. */
export const HoleSummary = z
  .strictObject({
    id: Id,
    name: z.string(),
    faceId: Id.nullable(),
    faceName: z.string().nullable(),
    assetId: Id.nullable(),
    assetName: z.string().nullable(),
    threadId: z.string().nullable(),
    generation: z.number().int(),
    repairs: z.number().int(),
    openMendId: Id.nullable(),
    station: z.enum(['measure', 'free', 'decide', 'prepare', 'prove']).nullable(),
    what: z.string().nullable(),
    lastOutcome: z.enum(['mended', 'given-up', 'sent-out']).nullable(),
    updatedAt: Moment,
    revision: z.number().int(),
  })
  .meta({ id: 'HoleSummary' });
export type HoleSummary = z.infer<typeof HoleSummary>;

export const AssetSummary = z
  .strictObject({
    id: Id,
    name: z.string(),
    note: z.string(),
    faces: z.number().int(),
    holes: z.number().int(),
    openMends: z.number().int(),
  })
  .meta({ id: 'AssetSummary' });
export type AssetSummary = z.infer<typeof AssetSummary>;

export const AssetDetail = z
  .strictObject({
    id: Id,
    name: z.string(),
    note: z.string(),
    faces: z.array(z.strictObject({ id: Id, name: z.string(), holes: z.array(HoleSummary) })),
  })
  .meta({ id: 'AssetDetail' });
export type AssetDetail = z.infer<typeof AssetDetail>;

export const StoredEvent = z
  .strictObject({
    id: Id,
    seq: z.number().int(),
    kind: z.string(),
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

export const page = <T extends z.ZodType>(item: T) =>
  z.strictObject({ items: z.array(item), next: z.string().nullable() });
export interface Page<T> {
  items: T[];
  next: string | null;
}

/** RFC 9457 with field paths and, for a conflict, both sides. */
export const Problem = z
  .strictObject({
    type: z.string(),
    title: z.string(),
    status: z.number().int(),
    detail: z.string(),
    fields: z.array(z.strictObject({ path: z.string(), message: z.string() })).optional(),
    yours: z.unknown().optional(),
    theirs: z.unknown().optional(),
  })
  .meta({ id: 'Problem' });
export type Problem = z.infer<typeof Problem>;
