import { EXTERNAL_CLASSES, INTERNAL_CLASSES } from '@deep-mend/core';
import { z } from 'zod';
import { ThreadText } from './words.ts';

export const limits = {
  summary: 'limits of a class, internal and external',
  input: z.strictObject({
    thread: ThreadText,
    internal: z.enum(INTERNAL_CLASSES).optional().describe('default: the usual class of the thread’s standard'),
    external: z.enum(EXTERNAL_CLASSES).optional(),
  }),
  example: { thread: '1/4-20', internal: '3B', external: '2A' },
} as const;
