import { DRILL_SETS } from '@deep-mend/core';
import { z } from 'zod';
import { oneOf } from '../basics.ts';

export const ThreadText = z
  .string()
  .min(1)
  .max(60)
  .describe('a designation: M8, M10x1, 3/8-16, M12x1.5 LH, 1/4 BSW, 2BA, G1/2, Tr40x7, custom 14.2 x 1.3 55');
export const LengthText = z
  .string()
  .min(1)
  .max(40)
  .describe('8.5 mm, 27/64, .3125 in, #7, Q; a bare number is millimetres');
export const Sets = z.array(oneOf(DRILL_SETS)).min(1).optional().describe('drill sets owned; default all');
