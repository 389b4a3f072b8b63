import { z } from 'zod';
import { EXAMPLE_HOLE, Hole } from './hole.ts';

export const routes = {
  summary: 'every way of mending a hole, judged and ranked, with what each reading could still change',
  input: Hole.extend({ sensitivity: z.boolean().optional() }),
  example: EXAMPLE_HOLE,
} as const;
