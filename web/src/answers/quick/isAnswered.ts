import type { HeardAnswer } from '@deep-mend/core';

/** Whether a question has its answer. */
export const isAnswered = ({ kind }: HeardAnswer): boolean =>
  kind !== 'nothing' && kind !== 'incomplete' && kind !== 'not-understood';
