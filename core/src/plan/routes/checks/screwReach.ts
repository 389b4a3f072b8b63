import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';
import type { Measured } from '../../../judge/hole/index.ts';

export type ScrewReachFacts = { reachMm: number; wantsMm: number; usedMm: number; coilMm: number };

/** Of a coil the present screw uses so much; under this share a longer one is worth a word (our estimate). */
const WORTH_LONGER = 0.9;

/** Does the present screw reach through the coil? */
export function judgeScrewReach(
  reach: Measured | null,
  own: { wantsMm: number; usedMm: number; coilMm: number },
): CheckOf<'screw-reach', ScrewReachFacts>[] {
  if (reach === null || reach.mm >= own.wantsMm - 1e-9 || own.usedMm >= WORTH_LONGER * own.coilMm) return [];
  return [
    {
      kind: 'screw-reach',
      id: 'screw-reach',
      verdict: 'with-care',
      value: reach.mm,
      valuePessimistic: reach.mm - reach.halfWidthMm,
      limit: own.wantsMm,
      unit: 'mm',
      facts: { reachMm: reach.mm, ...own },
      remedy: 'longer-screw',
    },
  ];
}

export const screwReach: CheckKind<ScrewReachFacts> = {
  title: () => 'Screw reaches through the coil',
  words: ({ usedMm, coilMm }, _verdict, say) =>
    `the present screw uses ${say.length(usedMm)} of the coil’s ${say.length(coilMm)}`,
  working: ({ reachMm, wantsMm }) => ({
    title: 'Reach that uses the whole coil',
    formula: 'short = wanted − reach',
    symbols: [
      { symbol: 'reach', meaning: 'how far the present screw reaches', value: reachMm, unit: 'mm' },
      { symbol: 'wanted', meaning: 'end of the coil’s useful thread', value: wantsMm, unit: 'mm' },
    ],
    result: { symbol: 'short', value: wantsMm - reachMm, unit: 'mm' },
    source: 'geometry',
  }),
  step: ({ wantsMm }, say) => `A screw that reaches ${say.length(wantsMm)} uses the whole coil.`,
};
