import {
  ATTEMPT_OUTCOMES,
  STUCK_THINGS,
  DRILL_SETS,
  FASTENER_CLASS_NAMES,
  MADE_IN,
  MEANS_IDS,
  PARENTS,
  RANKING_RULES,
  WAY_IDS,
} from '@deep-mend/core';
import { z } from 'zod';
import { oneOf } from './basics.ts';
import { CHOICE_VALUES } from './choices.ts';
import { freeFields, holeFields, jointFields, Length, mm } from './requestFields.ts';

const ThreadText = z
  .string()
  .min(1)
  .max(60)
  .describe('a designation: M8, M10x1, 3/8-16, M12x1.5 LH, 1/4 BSW, 2BA, G1/2, Tr40x7, custom 14.2 x 1.3 55');
const LengthText = z.string().min(1).max(40).describe('8.5 mm, 27/64, .3125 in, #7, Q; a bare number is millimetres');
const Sets = z.array(oneOf(DRILL_SETS)).min(1).optional().describe('drill sets owned; default all');

const Evidence = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('male-major'), mm, halfWidthMm: mm, worn: z.boolean() }),
  z.strictObject({ kind: z.literal('pitch'), overMm: mm, pitches: z.number().positive().max(1000), halfWidthMm: mm }),
  z.strictObject({ kind: z.literal('threads-per-inch'), count: z.number().positive().max(200) }),
  z.strictObject({ kind: z.literal('bore'), mm, halfWidthMm: mm }),
  z.strictObject({ kind: z.literal('plug'), mm, stepMm: mm }),
  z.strictObject({
    kind: z.literal('test-screw'),
    threadId: z.string().max(40),
    bindsAfterTurns: z.number().min(0).max(200).nullable(),
  }),
  z.strictObject({
    kind: z.literal('form-angle'),
    deg: z.number().min(0).max(90),
    by: z.enum(['blade', 'eye']).optional().describe('default blade'),
  }),
  z.strictObject({ kind: z.literal('taper'), seen: z.boolean() }),
  z.strictObject({ kind: z.literal('hand'), hand: z.enum(['right', 'left']) }),
  z.strictObject({
    kind: z.literal('made'),
    region: oneOf(MADE_IN),
    year: z.number().int().min(1800).max(2100).nullable(),
  }),
]);

const INTERNAL_CLASSES = ['4H', '5H', '6H', '7H', '1B', '2B', '3B', 'medium', 'normal', 'G', '2G', 'gauge'] as const;
const EXTERNAL_CLASSES = [
  '6g',
  '6h',
  '1A',
  '2A',
  '3A',
  'close',
  'medium',
  'free',
  'A',
  'B',
  '2G',
  '7e',
  'gauge',
] as const;

/**
 * A hole and its joint, as far as it is known: what is left out is unknown. Choices and readings come from their tables;
 * what stands here is the rest: what is always needed, and readings that belong together.
 */
const Hole = z.strictObject({
  thread: ThreadText,
  parent: oneOf(PARENTS),
  kind: CHOICE_VALUES.kind,
  ...holeFields,
  depth: Length.describe('thickness, or depth to the shoulder'),
  bore: z.strictObject({ aMm: mm, bMm: mm, halfWidthMm: z.number().min(0).max(10) }).optional(),
  boreOffset: z
    .strictObject({ alongMm: z.number().min(0), acrossMm: z.number().min(0), halfWidthMm: z.number().min(0) })
    .optional(),
  earlierCutMm: mm.optional(),
  failed: z.strictObject({ method: z.enum(WAY_IDS), causePresent: z.boolean() }).optional(),
  joint: z.strictObject(jointFields).optional(),
  ranking: oneOf(RANKING_RULES).optional(),
  sets: Sets,
});

const EXAMPLE_HOLE = {
  thread: 'M8',
  parent: 'aluminium-cast-heat-treated',
  kind: 'through',
  depth: 20,
  damageTo: 9,
  edge: { mm: 30, halfWidthMm: 0.2 },
  joint: { fastenerClass: '8.8', mateHole: 9 },
} as const;

/** What the headless planner answers: one strict shape a topic, with an example that a test runs. */
export const PLANNER_TOPICS = {
  thread: {
    summary: 'geometry, usual limits, tensile area, tap drill, coil hole and clearance of a thread',
    input: z.strictObject({ thread: ThreadText, sets: Sets }),
    example: { thread: 'M8' },
  },
  limits: {
    summary: 'limits of a class, internal and external',
    input: z.strictObject({
      thread: ThreadText,
      internal: z.enum(INTERNAL_CLASSES).optional().describe('default: the usual class of the thread’s standard'),
      external: z.enum(EXTERNAL_CLASSES).optional(),
    }),
    example: { thread: '1/4-20', internal: '3B', external: '2A' },
  },
  drill: {
    summary: 'a drill judged for a thread, and the neighbours on both sides',
    input: z.strictObject({
      thread: ThreadText,
      drill: LengthText.optional(),
      targetShare: z.number().min(0.3).max(0.9).optional(),
      tough: z.boolean().optional(),
      sets: Sets,
    }),
    example: { thread: '3/8-16', drill: '11/32' },
  },
  identify: {
    summary: 'which thread it is, from any mix of evidence',
    input: z.strictObject({ evidence: z.array(Evidence).min(1).max(20) }),
    example: {
      evidence: [
        { kind: 'male-major', mm: 7.88, halfWidthMm: 0.05, worn: false },
        { kind: 'pitch', overMm: 12.5, pitches: 10, halfWidthMm: 0.2 },
      ],
    },
  },
  insert: {
    summary: 'the tapped hole of a wire coil insert and what each length gives',
    input: z.strictObject({ thread: ThreadText }),
    example: { thread: '5/16-18' },
  },
  strength: {
    summary: 'strip load of both sides, break load and their ratio',
    input: z.strictObject({
      thread: ThreadText,
      parent: oneOf(PARENTS),
      parentTensileMpa: z.number().min(10).max(3000).optional(),
      fastenerClass: oneOf(FASTENER_CLASS_NAMES),
      engagementMm: mm,
      edgeMm: mm.optional(),
      boreMm: mm.optional(),
      coil: z.boolean().optional(),
    }),
    example: {
      thread: 'M8',
      parent: 'aluminium-cast-heat-treated',
      fastenerClass: '8.8',
      engagementMm: 11,
      edgeMm: 30,
    },
  },
  depth: {
    summary: 'what each tap lead reaches in a blind hole',
    input: z.strictObject({
      thread: ThreadText,
      cylinderMm: mm,
      wantedFullThreadMm: z.number().min(0).max(1000).optional(),
    }),
    example: { thread: '5/16-18', cylinderMm: 17, wantedFullThreadMm: 13.3 },
  },
  speed: {
    summary: 'spindle speed for a drill in a material',
    input: z.strictObject({ parent: oneOf(PARENTS), drill: LengthText }),
    example: { parent: 'grey-iron', drill: '21/64' },
  },
  assess: {
    summary: 'what the readings say about a hole: sound thread, clean-up diameter round both axes, wall',
    input: Hole,
    example: EXAMPLE_HOLE,
  },
  routes: {
    summary: 'every way of mending a hole, judged and ranked, with what each reading could still change',
    input: Hole.extend({ sensitivity: z.boolean().optional() }),
    example: EXAMPLE_HOLE,
  },
  ask: {
    summary: 'the quick line: a question in people’s own words',
    input: z.strictObject({ question: z.string().max(400), units: z.enum(['mm', 'in']).optional(), sets: Sets }),
    example: { question: 'what drill for M8 in stainless' },
  },
  free: {
    summary: 'means of freeing what is stuck, in order of least harm, and the chance of harm of every drill',
    input: z.strictObject({
      thread: ThreadText,
      parent: oneOf(PARENTS),
      what: oneOf(STUCK_THINGS),
      ...freeFields,
      proudMm: z.number().min(-500).max(500).optional().describe('above the face; below it negative'),
      through: z.boolean().optional(),
      lengthMm: mm.optional().describe('of what is stuck, from the break to its far end'),
      headroomMm: mm.optional(),
      sideRoomMm: mm.optional(),
      tried: z
        .array(z.strictObject({ means: z.enum(MEANS_IDS), outcome: oneOf(ATTEMPT_OUTCOMES) }))
        .max(50)
        .optional(),
      extractorDrillsMm: z
        .array(mm)
        .max(60)
        .optional()
        .describe('extractors owned, by the drill that goes before each'),
      offsetMm: z
        .number()
        .min(0)
        .max(50)
        .optional()
        .describe('measured after the first step: it takes the place of the guess'),
      offsetDoubtMm: mm.optional().describe('half-width of that, default 0.1'),
      drilledMm: mm.optional().describe('drilled so far'),
      depthMm: mm.optional(),
      projectionMm: mm.optional(),
      spareShare: z.number().min(0).max(1).optional(),
      voidMm: mm.optional(),
      boredMm: mm.optional().describe('the parent’s bore when it was made, if it is known'),
      trials: z.number().int().min(1000).max(1_000_000).optional(),
      seed: z.number().int().min(0).max(4_294_967_295).optional(),
      sets: Sets,
    }),
    example: {
      thread: 'M5',
      parent: 'aluminium-sand-cast',
      what: 'screw',
      proudMm: 0,
      start: 'true-centre',
      hold: 'guide',
      sets: ['metric-tenths'],
    },
  },
  positions: {
    summary: 'centre distance from a caliper, or the holes of a bolt circle',
    input: z.discriminatedUnion('find', [
      z.strictObject({
        find: z.literal('centre-distance'),
        over: z.enum(['outside', 'inside']),
        readMm: mm,
        d1Mm: mm,
        d2Mm: mm,
      }),
      z.strictObject({
        find: z.literal('bolt-circle'),
        diameterMm: mm,
        holes: z.number().int().min(2).max(400),
        startDeg: z.number().min(-360).max(360).optional(),
      }),
    ]),
    example: { find: 'bolt-circle', diameterMm: 100, holes: 6 },
  },
} as const;

export type PlannerTopic = keyof typeof PLANNER_TOPICS;
export type PlannerInput<T extends PlannerTopic> = z.output<(typeof PLANNER_TOPICS)[T]['input']>;
