import { PARENTS } from '@deep-mend/core';
import { z } from 'zod';
import { oneOf } from '../basics.ts';
import { LengthText } from './words.ts';

export const speed = {
  summary: 'spindle speed for a drill in a material',
  input: z.strictObject({ parent: oneOf(PARENTS), drill: LengthText }),
  example: { parent: 'grey-iron', drill: '21/64' },
} as const;
