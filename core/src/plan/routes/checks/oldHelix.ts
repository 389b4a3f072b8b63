import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';
import type { Assessment } from '../../../judge/damage/index.ts';
import type { Proposed } from '../Route.ts';

export type OldHelixFacts = { drillMm: number; oldMm: number };

/** The old helix stays in the new crests where the drill is smaller than the old thread was. */
export function judgeOldHelix(
  { outermostCutMm }: Assessment,
  { cut }: Pick<Proposed, 'cut'>,
): CheckOf<'old-helix', OldHelixFacts>[] {
  if (cut.drillMm === null) return [];
  const { drillMm } = cut;
  return [
    {
      kind: 'old-helix',
      id: 'old-helix',
      verdict: outermostCutMm - drillMm <= 1e-6 ? 'holds' : 'with-care',
      value: drillMm,
      valuePessimistic: null,
      limit: outermostCutMm,
      unit: 'mm',
      facts: { drillMm, oldMm: outermostCutMm },
    },
  ];
}

export const oldHelix: CheckKind<OldHelixFacts> = {
  title: () => 'Old helix removed',
  words: ({ drillMm, oldMm }, verdict, say) =>
    verdict === 'holds'
      ? `the drill takes away all of ${say.length(oldMm)}`
      : `the old thread went out to ${say.length(oldMm)}: its grooves stay ${say.length((oldMm - drillMm) / 2)} deep in the new crests`,
  working: ({ drillMm, oldMm }) => ({
    title: 'Grooves of the old thread left',
    formula: 'left = (old − drill) / 2, never under 0',
    symbols: [
      { symbol: 'old', meaning: 'how far out the old thread went, on diameter', value: oldMm, unit: 'mm' },
      { symbol: 'drill', meaning: 'drill', value: drillMm, unit: 'mm' },
    ],
    result: { symbol: 'left', value: Math.max(0, (oldMm - drillMm) / 2), unit: 'mm' },
    source: 'geometry',
  }),
};
