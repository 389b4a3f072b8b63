import { FASTENER_CLASS_NAMES, PARENTS } from '@deep-mend/core';
import { z } from 'zod';
import { oneOf } from '../basics.ts';
import { mm } from '../requestFields.ts';
import { ThreadText } from './words.ts';

export const strength = {
  summary: 'strip load of both sides, break load and their ratio',
  input: z.strictObject({
    thread: ThreadText,
    parent: oneOf(PARENTS),
    parentTensileMpa: z.number().min(10).max(3000).optional(),
    fastenerClass: oneOf(FASTENER_CLASS_NAMES),
    engagementMm: mm,
    edgeMm: mm.optional(),
    boreMm: mm.optional(),
    coil: z.boolean().optional(),
  }),
  example: {
    thread: 'M8',
    parent: 'aluminium-cast-heat-treated',
    fastenerClass: '8.8',
    engagementMm: 11,
    edgeMm: 30,
  },
} as const;
