import { z } from 'zod';
import { plainText } from '../basics.ts';

export const ListQuery = z.strictObject({
  search: plainText().max(100).optional(),
  cursor: plainText().max(1000).optional(),
  limit: z.coerce.number().int().min(1).max(100).default(50),
});

export const page = <T extends z.ZodType>(item: T) =>
  z.strictObject({ items: z.array(item), next: z.string().nullable() });
export interface Page<T> {
  items: T[];
  next: string | null;
}
