import { z } from 'zod';

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
