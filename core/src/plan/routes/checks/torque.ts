import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';
import { NUT_FACTOR } from '../../../judge/strength/index.ts';

export type TorqueCheckFacts = {
  torqueNm: number;
  friction: keyof typeof NUT_FACTOR;
  majorMm: number;
  preloadN: number;
  /** The preload with its scatter. */
  highN: number;
  proofN: number;
};

/** Does the torque wanted, with its scatter, stay within the screw's proof load? */
export const judgeTorque = (facts: TorqueCheckFacts): CheckOf<'torque', TorqueCheckFacts> => ({
  kind: 'torque',
  id: 'torque',
  verdict: facts.highN <= facts.proofN ? 'holds' : 'does-not-hold',
  value: facts.highN,
  valuePessimistic: facts.highN,
  limit: facts.proofN,
  unit: 'N',
  facts,
});

export const torque: CheckKind<TorqueCheckFacts> = {
  title: () => 'Torque within the screw',
  words: ({ highN, proofN }, verdict, say) =>
    verdict === 'holds'
      ? `up to ${say.load(highN)} with scatter, proof load ${say.load(proofN)}`
      : `the torque could pull ${say.load(highN)}, over the proof load of ${say.load(proofN)}: refused`,
  working: ({ torqueNm, friction, majorMm, preloadN }) => ({
    title: 'Preload from torque',
    formula: 'F = T / (K · d), and 1.3 · F ≤ proof load',
    symbols: [
      { symbol: 'T', meaning: 'torque', value: torqueNm, unit: 'Nm' },
      { symbol: 'K', meaning: `lowest credible nut factor, ${friction}`, value: NUT_FACTOR[friction], unit: '' },
      { symbol: 'd', meaning: 'major diameter', value: majorMm, unit: 'mm' },
    ],
    result: { symbol: 'F', value: preloadN, unit: 'N' },
    source: 'rule of thumb for K; proof load by the fastener’s class',
    estimate: true,
  }),
};
