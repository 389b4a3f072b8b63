import { verdictUnderDoubt, type CheckKind, type CheckOf, type Verdict } from '../../../basis/checks/index.ts';
import { assumedWords, type Assessment, type Assumed } from '../../../judge/damage/index.ts';

export type CleanUpFacts = {
  drillMm: number;
  pitchDiameterMm: number;
  cleanUpMm: number;
  halfWidthMm: number;
  assumed: Assumed | null;
};

/**
 * Does the drill clean up the bore? It does when the drill is at least the clean-up diameter; when only the new thread's
 * pitch diameter is, the crests are partial (with care).
 */
export function judgeCleanUp(
  assessment: Assessment,
  drillMm: number,
  pitchDiameterMm: number,
): CheckOf<'clean-up', CleanUpFacts> {
  const { mm, halfWidthMm, assumed } = assessment.cleanUp;
  const judge = (cleanUpMm: number): Verdict =>
    drillMm + 1e-9 >= cleanUpMm ? 'holds' : pitchDiameterMm >= cleanUpMm ? 'with-care' : 'does-not-hold';
  const { verdict, needsReading } = verdictUnderDoubt(judge(mm), judge(mm + halfWidthMm));
  const settles = needsReading || (assumed !== undefined && verdict !== 'holds');
  return {
    kind: 'clean-up',
    id: 'clean-up',
    verdict,
    value: drillMm,
    valuePessimistic: drillMm - halfWidthMm,
    limit: mm,
    unit: 'mm',
    facts: { drillMm, pitchDiameterMm, cleanUpMm: mm, halfWidthMm, assumed: assumed ?? null },
    ...(settles ? { settledBy: 'bore-a' } : {}),
  };
}

const TAIL = {
  holds: '',
  'with-care': ': the new crests stay partial where the bore is widest',
  'does-not-hold': ': the old bore is wider than the new thread',
} as const;

export const cleanUp: CheckKind<CleanUpFacts> = {
  title: () => 'Cleans up the bore',
  words: ({ drillMm, cleanUpMm }, verdict, say) =>
    `${say.length(drillMm)} against a clean-up diameter of ${say.length(cleanUpMm)}${TAIL[verdict]}`,
  working: ({ drillMm, pitchDiameterMm, cleanUpMm, halfWidthMm, assumed }) => ({
    title: 'Clean-up diameter',
    formula: 'the drill must be at least the widest bore, with the reading’s doubt',
    symbols: [
      { symbol: 'drill', meaning: 'drill', value: drillMm, unit: 'mm' },
      { symbol: 'D2', meaning: 'pitch diameter of the new thread', value: pitchDiameterMm, unit: 'mm' },
    ],
    result: { symbol: 'clean-up', value: cleanUpMm, unit: 'mm' },
    source: 'geometry, about the bore’s own axis',
    range: { low: cleanUpMm - halfWidthMm, high: cleanUpMm + halfWidthMm },
    ...(assumed ? { notes: [assumedWords(assumed)] } : {}),
  }),
};
