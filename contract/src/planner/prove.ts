import { ProofResults } from '../nouns/proof.ts';
import { EXAMPLE_HOLE, Hole, RouteWanted } from './hole.ts';

export const prove = {
  summary: 'what proves a way once it is cut, what was found of it, and whether it may be signed as proved',
  input: Hole.extend({
    route: RouteWanted,
    results: ProofResults.describe('by id; a length in mm, a torque in Nm, a pull in N'),
  }),
  example: {
    ...EXAMPLE_HOLE,
    route: 'oversize:M10x1.5',
    results: [
      { id: 'bore', mm: 9.12 },
      { id: 'screw', passed: true },
      { id: 'square', notDone: 'no room for a square' },
    ],
  },
} as const;
