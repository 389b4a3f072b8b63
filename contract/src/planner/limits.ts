import { z } from 'zod';
import { ThreadText } from './words.ts';

const INTERNAL_CLASSES = ['4H', '5H', '6H', '7H', '1B', '2B', '3B', 'medium', 'normal', 'G', '2G', 'gauge'] as const;
const EXTERNAL_CLASSES = [
  '6g',
  '6h',
  '1A',
  '2A',
  '3A',
  'close',
  'medium',
  'free',
  'A',
  'B',
  '2G',
  '7e',
  'gauge',
] as const;

export const limits = {
  summary: 'limits of a class, internal and external',
  input: z.strictObject({
    thread: ThreadText,
    internal: z.enum(INTERNAL_CLASSES).optional().describe('default: the usual class of the thread’s standard'),
    external: z.enum(EXTERNAL_CLASSES).optional(),
  }),
  example: { thread: '1/4-20', internal: '3B', external: '2A' },
} as const;
