/** What comes of a try, as the hand that tried it would say. */
export const ATTEMPT_OUTCOMES = [
  { id: 'freed', name: 'It is out' },
  { id: 'moved', name: 'It moved' },
  { id: 'nothing', name: 'Nothing' },
  { id: 'worse', name: 'Worse' },
] as const;
export type AttemptOutcome = (typeof ATTEMPT_OUTCOMES)[number]['id'];
