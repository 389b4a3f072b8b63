import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';

export type ScrewReachFacts = { reachMm: number; wantsMm: number; coilMm: number };

/** The present screw uses too little of the coil: the plan prescribes a longer one, which is an ordinary step. */
export const judgeScrewReach = (facts: ScrewReachFacts): CheckOf<'screw-reach', ScrewReachFacts> => ({
  kind: 'screw-reach',
  id: 'screw-reach',
  verdict: 'holds',
  value: facts.reachMm,
  valuePessimistic: null,
  limit: facts.wantsMm,
  unit: 'mm',
  facts,
  remedy: 'longer-screw',
});

export const screwReach: CheckKind<ScrewReachFacts> = {
  title: () => 'Screw reaches into the coil',
  words: ({ reachMm, wantsMm }, _verdict, say) =>
    `the present screw reaches ${say.length(reachMm)}; one that reaches ${say.length(wantsMm)} is fitted`,
  working: ({ reachMm, wantsMm }) => ({
    title: 'Reach that the coil wants',
    formula: 'short = wanted − reach',
    symbols: [
      { symbol: 'reach', meaning: 'how far the present screw reaches', value: reachMm, unit: 'mm' },
      { symbol: 'wanted', meaning: 'end of the thread that is counted', value: wantsMm, unit: 'mm' },
    ],
    result: { symbol: 'short', value: wantsMm - reachMm, unit: 'mm' },
    source: 'geometry',
  }),
  step: ({ wantsMm }, say) => `Fit a screw that reaches ${say.length(wantsMm)} below the face.`,
};
