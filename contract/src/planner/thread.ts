import { z } from 'zod';
import { Sets, ThreadText } from './words.ts';

export const thread = {
  summary: 'geometry, usual limits, tensile area, tap drill, coil hole and clearance of a thread',
  input: z.strictObject({ thread: ThreadText, sets: Sets }),
  example: { thread: 'M8' },
} as const;
