import { z } from 'zod';
import { ThreadText } from './words.ts';

export const insert = {
  summary: 'the tapped hole of a wire coil insert and what each length gives',
  input: z.strictObject({ thread: ThreadText }),
  example: { thread: '5/16-18' },
} as const;
