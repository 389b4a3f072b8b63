import { CUT_BARS, type CutBar } from '@deep-mend/core';

/** Why the machine stays shut, in words; null: it is open. */
export const cutWords = (cut: CutBar | 'yes'): string | null => (cut === 'yes' ? null : CUT_BARS[cut]);
