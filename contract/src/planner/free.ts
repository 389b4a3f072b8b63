import { ATTEMPT_OUTCOMES, STUCK_THINGS, MEANS_IDS, PARENTS } from '@deep-mend/core';
import { z } from 'zod';
import { oneOf } from '../basics.ts';
import { freeFields, mm } from '../requestFields.ts';
import { Sets, ThreadText } from './words.ts';

export const free = {
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
    extractorDrillsMm: z.array(mm).max(60).optional().describe('extractors owned, by the drill that goes before each'),
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
} as const;
