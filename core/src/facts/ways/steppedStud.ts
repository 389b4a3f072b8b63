import { USUAL_WAY, type Way } from './Way.ts';

/** The larger thread below, the old size above. */
export const steppedStud: Way = {
  ...USUAL_WAY,
  name: 'Stepped stud',
  past: 'stepped stud',
  keepOff: 'Do not turn the stud out: its lower thread is the larger.',
  drills: true,
  taps: true,
  threadCarries: true,
  fastenerChange: 'new',
  reversible: 'no',
  minutes: 90,
  parts: 15,
  // What stays in the part is a plain larger thread.
  leaves: { id: 'oversize', name: 'an oversize thread', isParent: true },
  seen: true,
  prevents: ['worn'],
};
