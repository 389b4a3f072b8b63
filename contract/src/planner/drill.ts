import { z } from 'zod';
import { LengthText, Sets, ThreadText } from './words.ts';

export const drill = {
  summary: 'a drill judged for a thread, and the neighbours on both sides',
  input: z.strictObject({
    thread: ThreadText,
    drill: LengthText.optional(),
    targetShare: z.number().min(0.3).max(0.9).optional(),
    tough: z.boolean().optional(),
    sets: Sets,
  }),
  example: { thread: '3/8-16', drill: '11/32' },
} as const;
