import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';
import type { Say } from '../../../basis/units/index.ts';

export type AsPlannedFacts = {
  title: string;
  foundMm: number;
  lowMm: number | null;
  highMm: number | null;
  /** What the plan drills outside the usual class, because the strength allows it. */
  plannedMm?: { lowMm: number; highMm: number };
};

const isInside = (mm: number, lowMm: number | null, highMm: number | null): boolean =>
  (lowMm === null || mm >= lowMm - 1e-9) && (highMm === null || mm <= highMm + 1e-9);

/** A length found when the work was done, held against what the plan expects of it. */
export function judgeAsPlanned(id: string, facts: AsPlannedFacts): CheckOf<'as-planned', AsPlannedFacts> {
  const { foundMm, lowMm, highMm } = facts;
  const { plannedMm } = facts;
  const asMeant = plannedMm !== undefined && isInside(foundMm, plannedMm.lowMm, plannedMm.highMm);
  return {
    kind: 'as-planned',
    id,
    verdict: isInside(foundMm, lowMm, highMm) ? 'holds' : asMeant ? 'with-care' : 'does-not-hold',
    value: foundMm,
    valuePessimistic: null,
    limit: lowMm,
    unit: 'mm',
    facts,
  };
}

function range({ lowMm, highMm }: AsPlannedFacts, say: Say): string {
  if (lowMm !== null && highMm !== null) return `${say.length(lowMm)} to ${say.length(highMm)}`;
  return lowMm !== null ? `at least ${say.length(lowMm)}` : `at most ${say.length(highMm ?? 0)}`;
}

export const asPlanned: CheckKind<AsPlannedFacts> = {
  title: ({ title }) => title,
  words: (facts, verdict, say) =>
    verdict === 'holds'
      ? `${say.length(facts.foundMm)}, as planned`
      : verdict === 'with-care'
        ? `${say.length(facts.foundMm)}, as planned: outside the usual class (${range(facts, say)}), it stands on its strength`
        : `${say.length(facts.foundMm)} found, ${range(facts, say)} planned`,
  working: ({ title, foundMm, lowMm, highMm }) => ({
    title: `${title}: found against planned`,
    formula: 'least ≤ found ≤ most',
    symbols: [
      ...(lowMm === null
        ? []
        : [{ symbol: 'least', meaning: 'least that the plan expects', value: lowMm, unit: 'mm' }]),
      ...(highMm === null
        ? []
        : [{ symbol: 'most', meaning: 'most that the plan expects', value: highMm, unit: 'mm' }]),
    ],
    result: { symbol: 'found', value: foundMm, unit: 'mm' },
    source: 'the frozen plan',
  }),
};
