import { MADE_IN } from '@deep-mend/core';
import { z } from 'zod';
import { oneOf } from '../basics.ts';
import { mm } from '../requestFields.ts';

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

export const identify = {
  summary: 'which thread it is, from any mix of evidence',
  input: z.strictObject({ evidence: z.array(Evidence).min(1).max(20) }),
  example: {
    evidence: [
      { kind: 'male-major', mm: 7.88, halfWidthMm: 0.05, worn: false },
      { kind: 'pitch', overMm: 12.5, pitches: 10, halfWidthMm: 0.2 },
    ],
  },
} as const;
