import { CURE_WAITS, EXPECTATION_IDS } from '@deep-mend/core';
import { z } from 'zod';
import { Millimetres, plainText, Reason } from '../basics.ts';

/** What was found of one proof: read, counted, passed or failed; or why it was not done, which is never a pass. */
const ProofResult = z.strictObject({
  id: z.enum(EXPECTATION_IDS),
  mm: Millimetres.optional(),
  turns: z.number().min(0).max(1_000).optional(),
  nm: z.number().min(0).max(100_000).optional(),
  n: z.number().min(0).max(10_000_000).optional(),
  passed: z.boolean().optional(),
  wait: z.enum(CURE_WAITS).optional(),
  notDone: Reason.optional(),
  instrument: plainText().min(1).max(80).optional(),
  simulated: z.literal(true).optional(),
});

/** Results of a mend: one for each proof at most. */
export const ProofResults = z.array(ProofResult).max(EXPECTATION_IDS.length);
