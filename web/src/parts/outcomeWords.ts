import { MEND_OUTCOMES, type MendEntry } from '@deep-mend/core';

/** How a mend ended, or that it has not. */
export const outcomeWords = (outcome: MendEntry['outcome']): string =>
  MEND_OUTCOMES.find((row) => row.id === outcome)?.name ?? 'under way';
