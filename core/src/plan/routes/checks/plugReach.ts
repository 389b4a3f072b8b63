import { verdictUnderDoubt, type CheckKind, type CheckOf, type Verdict } from '../../../basis/checks/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

export type PlugReachFacts = { depthMm: number; halfWidthMm: number; endsMm: number; doubtful: boolean };

/**
 * A spark or glow plug: the coil ends flush with the chamber or up to one pitch short, with no wire and no bare thread in it.
 * At the shallow end of the reading, too, no wire stands in.
 */
export function judgePlugReach(hole: HoleCase, endsMm: number): CheckOf<'plug-reach', PlugReachFacts>[] {
  if (hole.joint.screwedIn !== 'spark-plug') return [];
  const { depth } = hole;
  const { pitchMm } = hole.thread;
  const judge = (shortMm: number): Verdict =>
    shortMm < -1e-6 ? 'does-not-hold' : shortMm <= pitchMm + 1e-6 ? 'holds' : 'with-care';
  const shortMm = depth.mm - endsMm;
  const leastMm = shortMm - depth.halfWidthMm;
  // Too short at the deep end burns a thread; too long at the shallow end strikes: only that is held against the doubt.
  const { verdict, needsReading } =
    leastMm < -1e-6
      ? verdictUnderDoubt(judge(shortMm), 'does-not-hold')
      : { verdict: judge(shortMm), needsReading: false };
  return [
    {
      kind: 'plug-reach',
      id: 'plug-reach',
      verdict,
      value: shortMm,
      valuePessimistic: leastMm,
      limit: pitchMm,
      unit: 'mm',
      facts: { depthMm: depth.mm, halfWidthMm: depth.halfWidthMm, endsMm, doubtful: needsReading },
      ...(needsReading ? { settledBy: 'depth' } : {}),
    },
  ];
}

export const plugReach: CheckKind<PlugReachFacts> = {
  title: () => 'Ends at the chamber',
  words: ({ depthMm, halfWidthMm, endsMm, doubtful }, verdict, say) => {
    if (doubtful)
      return `it ends ${say.length(depthMm - endsMm)} short as read, but may stand ${say.length(endsMm - depthMm + halfWidthMm)} into the chamber: measure the depth better`;
    return verdict === 'does-not-hold'
      ? `the coil would stand ${say.length(endsMm - depthMm)} into the chamber`
      : `the coil ends ${say.length(depthMm - endsMm)} short of the chamber${verdict === 'holds' ? '' : ': bare thread stays in it and burns'}`;
  },
  working: ({ depthMm, halfWidthMm, endsMm }) => ({
    title: 'Coil’s end short of the chamber',
    formula: 'short = reach of the hole − end of the coil; 0 to one pitch',
    symbols: [
      { symbol: 'reach', meaning: 'thickness to the chamber', value: depthMm, unit: 'mm' },
      { symbol: 'end', meaning: 'end of the coil', value: endsMm, unit: 'mm' },
    ],
    result: { symbol: 'short', value: depthMm - endsMm, unit: 'mm' },
    source: 'plug practice',
    range: { low: depthMm - halfWidthMm - endsMm, high: depthMm + halfWidthMm - endsMm },
  }),
};
