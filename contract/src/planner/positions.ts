import { z } from 'zod';
import { mm } from '../requestFields.ts';

export const positions = {
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
} as const;
