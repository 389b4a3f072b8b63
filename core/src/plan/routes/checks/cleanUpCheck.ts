import { verdictUnderDoubt, type Check, type Verdict } from '../../../basis/checks/index.ts';
import { spokenLength } from '../../../basis/units/index.ts';
import type { Assessment } from '../../../judge/damage/index.ts';

/**
 * Does the drill clean up the bore? It does when the drill is at least the clean-up diameter; when only the new thread's
 * pitch diameter is, the crests are partial (with care).
 */
export function cleanUpCheck(assessment: Assessment, drillMm: number, pitchDiameterMm: number): Check {
  const { mm, halfWidthMm, assumed } = assessment.cleanUp;
  const judge = (cleanUpMm: number): Verdict =>
    drillMm + 1e-9 >= cleanUpMm ? 'holds' : pitchDiameterMm >= cleanUpMm ? 'with-care' : 'does-not-hold';
  const { verdict, needsReading } = verdictUnderDoubt(judge(mm), judge(mm + halfWidthMm));
  const settles = needsReading || (assumed !== undefined && verdict !== 'holds');
  const against = () => `${spokenLength(drillMm)} against a clean-up diameter of ${spokenLength(mm)}`;
  return {
    id: 'clean-up',
    title: 'Cleans up the bore',
    verdict,
    value: drillMm,
    valuePessimistic: drillMm - halfWidthMm,
    limit: mm,
    unit: 'mm',
    because: () =>
      verdict === 'holds'
        ? against()
        : verdict === 'with-care'
          ? `${against()}: the new crests stay partial where the bore is widest`
          : `${against()}: the old bore is wider than the new thread`,
    working: () => ({
      title: 'Clean-up diameter',
      formula: 'the drill must be at least the widest bore, with the reading’s doubt',
      symbols: [
        { symbol: 'drill', meaning: 'drill', value: drillMm, unit: 'mm' },
        { symbol: 'D2', meaning: 'pitch diameter of the new thread', value: pitchDiameterMm, unit: 'mm' },
      ],
      result: { symbol: 'clean-up', value: mm, unit: 'mm' },
      source: 'geometry, about the bore’s own axis',
      range: { low: mm - halfWidthMm, high: mm + halfWidthMm },
      ...(assumed ? { notes: [assumed] } : {}),
    }),
    ...(settles ? { settledBy: 'bore-a' } : {}),
  };
}
