import type { CutBar } from '@deep-mend/core';

/** Why the machine stays shut, in words. */
export const CUT_BARS: Readonly<Record<CutBar | 'yes', string | null>> = {
  yes: null,
  'no-mend': 'Plan a mend first',
  'no-plan': 'Plan a mend first',
  stuck: 'Free what is stuck in it first',
  'do-not-use': 'This hole is set to “do not use”',
  asked: 'A reading that the plan hangs on is still asked for: give it and plan again',
  'not-looked': 'Look first: tick the card’s first step in Prepare',
  'not-released': 'Not released: record the release first',
};
