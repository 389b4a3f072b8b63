import { z } from 'zod';

/** What the shop's own records say of a set-up, a way, or an instrument, beside what is printed. */
export const OwnFigureRow = z
  .strictObject({
    kind: z.enum(['oversize', 'minutes', 'came-back', 'doubt']),
    id: z.string(),
    name: z.string(),
    count: z.number().int(),
    mean: z.number(),
    spread: z.number().nullable(),
    printed: z.number().nullable(),
  })
  .meta({ id: 'OwnFigure' });
