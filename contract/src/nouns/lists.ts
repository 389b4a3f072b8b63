import { z } from 'zod';
import { plainText } from '../basics.ts';

export const ListQuery = z.strictObject({
  search: plainText().max(100).optional(),
  cursor: plainText().max(1000).optional(),
  limit: z.coerce.number().int().min(1).max(100).default(50),
});

/** A search sorts no more than this: whoever finds more types more of the name. */
export const MOST_FOUND = 500;

export const page = <T extends z.ZodType>(item: T) =>
  z.strictObject({
    items: z.array(item),
    next: z.string().nullable(),
    /** More was found than a search sorts: what is shown is the beginning of the first that were found. */
    more: z.boolean(),
  });
export interface Page<T> {
  items: T[];
  next: string | null;
  more: boolean;
}
