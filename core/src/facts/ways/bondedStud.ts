import { USUAL_WAY, type Way } from './Way.ts';

/** A stud held by adhesive: a light static holder, no thread. */
export const bondedStud: Way = {
  ...USUAL_WAY,
  name: 'Bonded stud',
  past: 'bonded stud',
  keepOff: 'Do not turn or heat the stud: compound holds it.',
  hottestC: 120,
  hotPart: 'the adhesive',
  fastenerChange: 'new',
  reversible: 'partly',
  minutes: 30,
  parts: 8,
  leaves: { id: 'bonded-stud', name: 'a bonded stud', isParent: false },
  lastResort: true,
  onLadder: false,
  holdsPeople: false,
};
