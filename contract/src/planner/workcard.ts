import { FLUIDS, TAP_NAMINGS, TOOLS } from '@deep-mend/core';
import { z } from 'zod';
import { oneOf } from '../basics.ts';
import { MachineKept, PracticesKept } from '../nouns/machines.ts';
import { EXAMPLE_HOLE, Hole, RouteWanted } from './hole.ts';

export const workcard = {
  summary: 'the whole card of one way: every step with its tool, numbers, fluid, feel, stop rule and caution',
  input: Hole.extend({
    route: RouteWanted,
    units: z.enum(['mm', 'in']).optional(),
    tapNames: oneOf(TAP_NAMINGS).optional(),
    machines: z.array(MachineKept).max(40).optional().describe('default: an ordinary one of its kind'),
    practice: PracticesKept.optional().describe('what the shop has settled; the rest goes by the case'),
    tools: z.array(oneOf(TOOLS)).optional().describe('owned; left out: never listed'),
    fluids: z.array(oneOf(FLUIDS)).optional(),
  }),
  example: {
    ...EXAMPLE_HOLE,
    route: 'wire-coil',
    behind: 'nothing',
    work: { access: 'bench', shape: 'block', height: 250 },
  },
} as const;
