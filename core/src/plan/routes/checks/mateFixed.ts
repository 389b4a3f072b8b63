import type { CheckKind, CheckOf, Working } from '../../../basis/checks/index.ts';

export type MateFixedFacts = { holeMm: number | null; closeMm: number; source: string };

/** The mating part must stay as it is, and the screw does not pass, or nobody knows whether it does. */
export const judgeMateFixed = (facts: MateFixedFacts): CheckOf<'mate-fixed', MateFixedFacts> => ({
  kind: 'mate-fixed',
  id: 'mate',
  verdict: 'does-not-hold',
  value: facts.holeMm,
  valuePessimistic: null,
  limit: facts.closeMm,
  unit: 'mm',
  facts,
  ...(facts.holeMm === null ? { settledBy: 'mate-hole' } : {}),
});

/** The hole that the screw needs: all that can be shown while the one that is there is not measured. */
export const clearanceNeeded = ({ closeMm, source }: { closeMm: number; source: string }): Working => ({
  title: 'Clearance hole needed',
  formula: 'the close clearance of the screw',
  symbols: [],
  result: { symbol: 'close clearance', value: closeMm, unit: 'mm' },
  source,
});

export const mateFixed: CheckKind<MateFixedFacts> = {
  title: () => 'Hole in the mating part',
  words: ({ closeMm }, _verdict, say) => `the screw needs ${say.length(closeMm)} and the mating part may not be opened`,
  working: clearanceNeeded,
};
