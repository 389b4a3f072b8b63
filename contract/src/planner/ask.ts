import { z } from 'zod';
import { Sets } from './words.ts';

export const ask = {
  summary: 'the quick line: a question in people’s own words',
  input: z.strictObject({ question: z.string().max(400), units: z.enum(['mm', 'in']).optional(), sets: Sets }),
  example: { question: 'what drill for M8 in stainless' },
} as const;
