import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';

export type BondFacts = {
  loadN: number;
  /** Null: the torque wanted is not named. */
  needN: number | null;
  pulsates: boolean;
  shearMpa: number;
  studMm: number;
  lengthMm: number;
};

/** Does an adhesive bond carry it? At best with care: a bond is no thread. */
export const judgeBond = (facts: BondFacts): CheckOf<'bond', BondFacts> => ({
  kind: 'bond',
  id: 'bond',
  verdict: facts.pulsates || facts.needN === null || facts.loadN < facts.needN ? 'does-not-hold' : 'with-care',
  value: facts.loadN,
  valuePessimistic: null,
  limit: facts.needN,
  unit: 'N',
  facts,
});

export const bond: CheckKind<BondFacts> = {
  title: () => 'Bond carries it',
  words: ({ loadN, needN, pulsates }, _verdict, say) =>
    pulsates
      ? 'a pulsating load pulls a bond straight out'
      : needN === null
        ? `the bond gives way at about ${say.load(loadN)}, far below a thread; name the torque wanted to judge it`
        : `about ${say.load(loadN)} trusted, ${say.load(needN)} wanted with margin`,
  working: ({ loadN, shearMpa, studMm, lengthMm }) => ({
    title: 'Load on the bond',
    formula: 'F = 0.4 · τ · π · d · L',
    symbols: [
      { symbol: 'τ', meaning: 'shear strength of the adhesive', value: shearMpa, unit: 'MPa' },
      { symbol: 'd', meaning: 'stud', value: studMm, unit: 'mm' },
      { symbol: 'L', meaning: 'bonded length', value: lengthMm, unit: 'mm' },
    ],
    result: { symbol: 'F', value: loadN, unit: 'N' },
    source: 'our estimate; the adhesive’s sheet goes first',
    estimate: true,
  }),
};
