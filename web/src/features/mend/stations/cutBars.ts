import type { CutBar } from '@deep-mend/core';

/** Why the machine stays shut, in words. */
export const CUT_BARS: Readonly<Record<CutBar | 'yes', string | null>> = {
  yes: null,
  'no-mend': 'Plan a mend first',
  'no-plan': 'Plan a mend first',
  stuck: 'Free what is stuck in it first',
};
