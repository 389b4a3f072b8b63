import {
  COIL_SET_DOWNS,
  TAP_DRILL_RULES,
  TAP_NAMINGS,
  DRILL_SETS,
  DRILLING_SET_UPS,
  RANKING_RULES,
  RANKING_WEIGHTS,
  FLUIDS,
  NOTHING_LISTED,
  OWN_KINDS,
  ENOUGH_RECORDS,
  TOOLS,
  USUAL_DRILLING,
  USUAL_RATES,
} from '@deep-mend/core';
import { z } from 'zod';
import { Id, Name, oneOf, plainText } from '../basics.ts';
import { MachineKept, PracticesKept } from './machines.ts';

const DrillMm = z.number().finite().min(0.2).max(100);

const Weight = z.number().min(0).max(10);

const OwnedThreads = z.array(plainText().min(1).max(40)).max(300).nullable();

const Machines = z.array(MachineKept).max(40);

/** Figures of its own that a shop said yes to, with the records they stood on then. */
const OwnKept = z
  .array(
    z.strictObject({
      kind: z.enum(OWN_KINDS),
      id: plainText().min(1).max(80),
      value: z.number().min(0).max(100_000),
      count: z.number().int().min(ENOUGH_RECORDS).max(1_000_000),
    }),
  )
  .max(300);

export const HouseRulesKept = z
  .strictObject({
    tapDrill: oneOf(TAP_DRILL_RULES),
    coilSetDownTurns: z.literal(COIL_SET_DOWNS.map(({ turns }) => turns)),
    tapNames: oneOf(TAP_NAMINGS),
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
          .array(z.strictObject({ threadId: plainText().max(40), lengthMm: z.number().positive().max(500) }))
          .max(300)
          .nullable()
          .exactOptional(),
        extractorDrillsMm: z.array(DrillMm).max(60).nullable(),
        tools: z.array(oneOf(TOOLS)).max(TOOLS.length).nullable().exactOptional(),
        fluids: z.array(oneOf(FLUIDS)).max(FLUIDS.length).nullable().exactOptional(),
      })
      .default({ ...NOTHING_LISTED }),
    /** Left out in what was recorded before a shop had them. */
    machines: Machines.exactOptional(),
    practice: PracticesKept.exactOptional(),
    own: OwnKept.exactOptional(),
  })
  .meta({ id: 'HouseRules' });

/** The drills of a shop as a proposal reads them. */
export const RackKept = z.strictObject({
  setIds: z.array(oneOf(DRILL_SETS)),
  missingIds: z.array(plainText().max(20)),
  singles: z.array(z.strictObject({ id: plainText(), diameterMm: DrillMm })).exactOptional(),
  worn: z.array(z.strictObject({ id: plainText(), cutsMm: DrillMm })).exactOptional(),
  drilling: z
    .strictObject({ setUp: oneOf(DRILLING_SET_UPS), measuredOversizeMm: z.number().nullable() })
    .exactOptional(),
});

export const ShopSettings = z
  .strictObject({
    name: Name,
    units: z.enum(['mm', 'in']),
    drillSets: z.array(oneOf(DRILL_SETS)).max(10),
    missingDrills: z.array(plainText().max(20)).max(300),
    /** Single drills beside the sets, by name. */
    singleDrills: z
      .array(z.strictObject({ id: plainText().min(1).max(20), diameterMm: DrillMm }))
      .max(200)
      .default([]),
    /** Drills that cut another size than their own, as measured. */
    wornDrills: z
      .array(z.strictObject({ id: plainText().min(1).max(20), cutsMm: DrillMm }))
      .max(300)
      .default([]),
    drilling: z
      .strictObject({ setUp: oneOf(DRILLING_SET_UPS), measuredOversizeMm: z.number().min(0).max(2).nullable() })
      .default({ ...USUAL_DRILLING }),
    rules: HouseRulesKept.extend({
      machines: Machines.default([]),
      practice: PracticesKept.default({}),
      own: OwnKept.default([]),
    }).meta({
      id: 'ShopRules',
    }),
    /** False until the three questions of the first start are answered. */
    setUp: z.boolean(),
  })
  .meta({ id: 'ShopSettings' });
export type ShopSettings = z.infer<typeof ShopSettings>;

export const Actor = z
  .strictObject({ id: Id, name: Name, role: z.enum(['mechanic', 'lead-hand']) })
  .meta({ id: 'Actor' });
export type Actor = z.infer<typeof Actor>;
