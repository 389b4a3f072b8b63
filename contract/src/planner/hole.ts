import { PARENTS, RANKING_RULES, WAY_IDS } from '@deep-mend/core';
import { z } from 'zod';
import { oneOf } from '../basics.ts';
import { CHOICE_VALUES } from '../choices.ts';
import { holeFields, jointFields, Length, mm, workFields } from '../requestFields.ts';
import { Sets, ThreadText } from './words.ts';

/**
 * A hole and its joint, as far as it is known: what is left out is unknown. Choices and readings come from their tables;
 * what stands here is the rest: what is always needed, and readings that belong together.
 */
export const Hole = z.strictObject({
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
  work: z.strictObject(workFields).optional(),
  ranking: oneOf(RANKING_RULES).optional(),
  sets: Sets,
});

export const EXAMPLE_HOLE = {
  thread: 'M8',
  parent: 'aluminium-cast-heat-treated',
  kind: 'through',
  depth: 20,
  damageTo: 9,
  edge: { mm: 30, halfWidthMm: 0.2 },
  joint: { fastenerClass: '8.8', mateHole: 9 },
} as const;

/** One way of mending the hole, of those that hold. */
export const RouteWanted = z
  .string()
  .min(1)
  .max(120)
  .optional()
  .describe('id of a route, or how it begins; default the first that holds');
