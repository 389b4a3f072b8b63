import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

export type PlugReachFacts = { depthMm: number; endsMm: number; pitchMm: number };

/** A spark or glow plug: the coil ends flush with the chamber or up to one pitch short, with no wire and no bare thread in it. */
export function judgePlugReach(hole: HoleCase, endsMm: number): CheckOf<'plug-reach', PlugReachFacts>[] {
  if (hole.joint.screwedIn !== 'spark-plug') return [];
  const { pitchMm } = hole.thread;
  const shortMm = hole.depth.mm - endsMm;
  return [
    {
      kind: 'plug-reach',
      id: 'plug-reach',
      verdict: shortMm < -1e-6 ? 'does-not-hold' : shortMm <= pitchMm + 1e-6 ? 'holds' : 'with-care',
      value: shortMm,
      valuePessimistic: null,
      limit: pitchMm,
      unit: 'mm',
      facts: { depthMm: hole.depth.mm, endsMm, pitchMm },
    },
  ];
}

export const plugReach: CheckKind<PlugReachFacts> = {
  title: () => 'Ends at the chamber',
  words: ({ depthMm, endsMm }, verdict, say) =>
    verdict === 'does-not-hold'
      ? `the coil would stand ${say.length(endsMm - depthMm)} into the chamber`
      : `the coil ends ${say.length(depthMm - endsMm)} short of the chamber${verdict === 'holds' ? '' : ': bare thread stays in it and burns'}`,
  working: ({ depthMm, endsMm }) => ({
    title: 'Coil’s end short of the chamber',
    formula: 'short = reach of the hole − end of the coil; 0 to one pitch',
    symbols: [
      { symbol: 'reach', meaning: 'thickness to the chamber', value: depthMm, unit: 'mm' },
      { symbol: 'end', meaning: 'end of the coil', value: endsMm, unit: 'mm' },
    ],
    result: { symbol: 'short', value: depthMm - endsMm, unit: 'mm' },
    source: 'plug practice',
  }),
};
