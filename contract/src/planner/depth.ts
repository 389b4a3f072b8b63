import { z } from 'zod';
import { mm } from '../requestFields.ts';
import { ThreadText } from './words.ts';

export const depth = {
  summary: 'what each tap lead reaches in a blind hole',
  input: z.strictObject({
    thread: ThreadText,
    cylinderMm: mm,
    wantedFullThreadMm: z.number().min(0).max(1000).optional(),
  }),
  example: { thread: '5/16-18', cylinderMm: 17, wantedFullThreadMm: 13.3 },
} as const;
