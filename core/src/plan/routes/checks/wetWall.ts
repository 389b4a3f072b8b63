import { verdictUnderDoubt, type CheckKind, type CheckOf, type Verdict } from '../../../basis/checks/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

/** Metal to a liquid or a pressure, whatever the strength says: the larger of the two holds, the last refuses, mm (our estimate). */
const WET_HOLDS_MM = 3;
const WET_HOLDS_D = 0.25;
const WET_LEAST_MM = 2;

const WET = /water|oil|pressure|coolant|fuel|liquid|steam|brine|crank/i;
/** Whether what a name says is wet or under pressure. @example isWet('water side') // true */
export const isWet = (name: string): boolean => WET.test(name);

/** @example wetNeedMm(16) // 4 */
export const wetNeedMm = (majorMm: number): number => Math.max(WET_HOLDS_MM, WET_HOLDS_D * majorMm);

/** The verdict of so much metal before a liquid or a pressure. */
export const wetVerdict = (leftMm: number, majorMm: number): Verdict =>
  leftMm + 1e-9 >= wetNeedMm(majorMm) ? 'holds' : leftMm + 1e-9 >= WET_LEAST_MM ? 'with-care' : 'does-not-hold';

export type WetWallFacts = { name: string; edgeMm: number; halfWidthMm: number; cutMm: number; needMm: number };

/** Metal left beside a new cut to every liquid or pressure that was measured. */
export function judgeWetWall(hole: HoleCase, cutMm: number): CheckOf<'wet-wall', WetWallFacts>[] {
  const D = hole.thread.majorMm;
  const limits = hole.limits.length > 0 || !hole.edge ? hole.limits : [{ name: hole.edgeName, ...hole.edge }];
  return limits
    .filter(({ name }) => isWet(name))
    .map(({ name, mm, halfWidthMm }) => {
      const leftMm = mm - cutMm / 2;
      const { verdict, needsReading } = verdictUnderDoubt(wetVerdict(leftMm, D), wetVerdict(leftMm - halfWidthMm, D));
      return {
        kind: 'wet-wall',
        id: `wet-wall ${name}`,
        verdict,
        value: leftMm,
        valuePessimistic: leftMm - halfWidthMm,
        limit: wetNeedMm(D),
        unit: 'mm',
        facts: { name, edgeMm: mm, halfWidthMm, cutMm, needMm: wetNeedMm(D) },
        ...(needsReading ? { settledBy: 'edge' } : {}),
      };
    });
}

export const wetWall: CheckKind<WetWallFacts> = {
  title: ({ name }) => `Metal to the ${name}`,
  words: ({ name, edgeMm, cutMm, needMm }, _verdict, say) =>
    edgeMm - cutMm / 2 <= 0
      ? `the cut would break into the ${name}`
      : `${say.length(edgeMm - cutMm / 2)} of metal left; it wants ${say.length(needMm)}, and never under ${say.length(WET_LEAST_MM)}`,
  working: ({ name, edgeMm, halfWidthMm, cutMm }) => ({
    title: `Metal to the ${name}`,
    formula: 'left = edge − cut / 2; wanted: the larger of 3 mm and 0.25 · D, never under 2 mm',
    symbols: [
      { symbol: 'edge', meaning: `axis to the ${name}`, value: edgeMm, unit: 'mm' },
      { symbol: 'cut', meaning: 'outermost cut', value: cutMm, unit: 'mm' },
    ],
    result: { symbol: 'left', value: edgeMm - cutMm / 2, unit: 'mm' },
    source: 'our estimate: castings have pores and shifted cores',
    estimate: true,
    range: { low: edgeMm - halfWidthMm - cutMm / 2, high: edgeMm + halfWidthMm - cutMm / 2 },
  }),
};
