import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';
import { depthBudgetWorking } from '../../cutting/index.ts';

export type GainFacts = {
  gainMm: number;
  pitchMm: number;
  /** Depth to the shoulder of a blind hole; null of a through hole. */
  cylinderMm: number | null;
  toMm: number;
  fromMm: number;
  reachKnown: boolean;
};

/** Is there thread below the present screw's end to be used? One turn at least. */
export function judgeGain(facts: GainFacts): CheckOf<'gain', GainFacts> {
  const gains = facts.gainMm >= facts.pitchMm;
  return {
    kind: 'gain',
    id: 'gain',
    verdict: gains ? 'holds' : 'does-not-hold',
    value: facts.gainMm,
    valuePessimistic: facts.gainMm,
    limit: facts.pitchMm,
    unit: 'mm',
    facts,
    ...(!gains && !facts.reachKnown ? { settledBy: 'screw-reach' } : {}),
  };
}

export const gain: CheckKind<GainFacts> = {
  title: () => 'Room below the present screw',
  words: ({ gainMm, cylinderMm, reachKnown }, verdict, say) => {
    if (verdict === 'holds') return `${say.length(gainMm)} more thread to use`;
    return !reachKnown && cylinderMm === null
      ? 'the screw’s reach is not measured, so a longer one may gain nothing'
      : 'the present screw already reaches the end of what can be threaded';
  },
  working: ({ gainMm, pitchMm, cylinderMm, toMm, fromMm }) =>
    cylinderMm === null
      ? {
          title: 'Thread gained by a longer screw',
          formula: 'gain = end of thread − reach',
          symbols: [
            { symbol: 'end of thread', meaning: 'where thread can end', value: toMm, unit: 'mm' },
            {
              symbol: 'reach',
              meaning: 'how far the present screw reaches, or is taken to',
              value: fromMm,
              unit: 'mm',
            },
          ],
          result: { symbol: 'gain', value: gainMm, unit: 'mm' },
          source: 'geometry',
        }
      : depthBudgetWorking({ cylinderMm, pitchMm, wantedFullThreadMm: 0 }),
};
