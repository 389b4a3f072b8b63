import {
  DRILL_SETS,
  DRILLING_SET_UPS,
  MEND_OUTCOMES,
  MEND_STATIONS,
  RANKING_RULES,
  RANKING_WEIGHTS,
  NOTHING_LISTED,
  USUAL_DRILLING,
  USUAL_RATES,
} from '@deep-mend/core';
import { z } from 'zod';
import { Id, Moment, Name, Note, oneOf, plainText, Reason } from './basics.ts';

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
        coilLengths: z
          .array(z.strictObject({ threadId: z.string().max(40), lengthMm: z.number().positive().max(500) }))
          .max(300)
          .nullable()
          .exactOptional(),
        extractorDrillsMm: z.array(DrillMm).max(60).nullable(),
      })
      .default({ ...NOTHING_LISTED }),
  })
  .meta({ id: 'HouseRules' });

/** The drills of a shop as a proposal reads them. */
export const RackSchema = z.strictObject({
  setIds: z.array(oneOf(DRILL_SETS)),
  missingIds: z.array(z.string().max(20)),
  singles: z.array(z.strictObject({ id: z.string(), diameterMm: DrillMm })).exactOptional(),
  worn: z.array(z.strictObject({ id: z.string(), cutsMm: DrillMm })).exactOptional(),
  drilling: z
    .strictObject({ setUp: oneOf(DRILLING_SET_UPS), measuredOversizeMm: z.number().nullable() })
    .exactOptional(),
});

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
    station: z.enum(MEND_STATIONS).nullable(),
    what: z.string().nullable(),
    lastOutcome: oneOf(MEND_OUTCOMES).nullable(),
    doNotUse: z.boolean(),
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
