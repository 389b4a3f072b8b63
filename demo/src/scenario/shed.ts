import { TOOLS, usualMachine, type HouseRules } from '@deep-mend/core';

/** Tools that the shed has never bought. */
const LACKS: readonly string[] = ['bore-gauge', 'back-countersink', 'spring-centre', 'borescope'];

/** What stands in the maintenance shed: machines, tools and fluids. Invented. */
export const SHED: Pick<HouseRules, 'machines' | 'kit'> = {
  machines: [
    { ...usualMachine('bench-drill', 'shed-bench'), name: 'Bench drill by the window' },
    { ...usualMachine('magnet-drill', 'shed-magnet'), name: 'Magnet drill' },
    { ...usualMachine('hand-drill', 'shed-hand'), name: 'Cordless drill' },
  ],
  kit: {
    taps: null,
    coils: null,
    extractorDrillsMm: null,
    tools: TOOLS.map(({ id }) => id).filter((id) => !LACKS.includes(id)),
    fluids: ['plain-oil', 'light-oil', 'motor-oil', 'paste'],
  },
};
