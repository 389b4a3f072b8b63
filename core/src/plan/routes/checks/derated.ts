import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';

export type DeratedFacts = {
  /** Null where no sound thread is left. */
  loadN: number;
  breakN: number;
  share: number;
  torqueNm: number;
  state: 'carries' | 'unknown' | 'nothing';
};

/** What a damaged thread still carries, held against the least that is worth a derated duty. */
export const judgeDerated = (facts: DeratedFacts, enough: boolean): CheckOf<'derated', DeratedFacts> => ({
  kind: 'derated',
  id: 'derated',
  verdict: facts.state !== 'nothing' && enough ? 'with-care' : 'does-not-hold',
  value: facts.loadN,
  valuePessimistic: null,
  limit: facts.share * facts.breakN,
  unit: 'N',
  facts,
  ...(facts.state !== 'nothing' && enough ? { remedy: 'derate' } : {}),
});

export const derated: CheckKind<DeratedFacts> = {
  title: () => 'Derated duty',
  words: ({ loadN, breakN, torqueNm, state }, _verdict, say) =>
    state === 'unknown'
      ? 'the wall is outside the strength model: what it still carries is not known'
      : state === 'carries'
        ? `it still carries ${say.load(loadN)} of the ${say.load(breakN)} that its duty asked: no more than ${say.torque(torqueNm)}, oiled`
        : 'no sound thread is left to carry anything',
  working: ({ breakN, share }) => ({
    title: 'Least load worth a derated duty',
    formula: 'least = share · break',
    symbols: [
      { symbol: 'share', meaning: 'share of the full duty', value: share, unit: '' },
      {
        symbol: 'break',
        meaning: 'full duty: what breaks the screw, or what the hole carried new, the smaller',
        value: breakN,
        unit: 'N',
      },
    ],
    result: { symbol: 'least', value: share * breakN, unit: 'N' },
    source: 'our estimate',
    estimate: true,
  }),
  step: ({ torqueNm }, say) => `Mark the hole: no more than ${say.torque(torqueNm)}, oiled, until it is mended.`,
};
