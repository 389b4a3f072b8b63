import { verdictUnderDoubt, type CheckKind, type CheckOf, type Verdict } from '../../../basis/checks/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { DILATION_LOWEST_RATIO } from '../../../judge/strength/index.ts';
import { judgeWallUnknown, type WallUnknownFacts } from './wallUnknown.ts';

/**
 * Wall needed beside a cut, as a share of its diameter: the dilation model ends at s/D = 1.4, that is 0.7 D from the axis,
 * 0.2 D beyond the cut's radius.
 */
const NEEDED_WALL_PER_CUT = (DILATION_LOWEST_RATIO - 1) / 2;

/** Largest cut that an edge distance allows. @example largestCutMm(5.25) // 7.5 */
export function largestCutMm(edgeMm: number): number {
  return (2 * edgeMm) / DILATION_LOWEST_RATIO;
}

/** Metal between a cut and the nearest edge, mm. @example wallBesideMm(13.5, 9.6) // 8.7 */
export const wallBesideMm = (edgeMm: number, cutMm: number): number => edgeMm - cutMm / 2;

export type WallFacts = { edgeName: string; edgeMm: number; halfWidthMm: number; cutMm: number; doubtful: boolean };

/** Is there wall enough beside the cut for the strength model to hold? */
export function judgeWall(
  hole: HoleCase,
  cutMm: number,
  cutsNewMetal: boolean,
): (CheckOf<'wall', WallFacts> | CheckOf<'wall-unknown', WallUnknownFacts>)[] {
  const { edge, edgeName } = hole;
  if (edge === null) return cutsNewMetal ? [judgeWallUnknown(hole, cutMm)] : [];
  const neededMm = NEEDED_WALL_PER_CUT * cutMm;
  const { mm, halfWidthMm } = edge;
  const holds = (edgeMm: number): Verdict =>
    (2 * edgeMm) / cutMm >= DILATION_LOWEST_RATIO ? 'holds' : 'does-not-hold';
  const { verdict, needsReading } = verdictUnderDoubt(holds(mm), holds(mm - halfWidthMm));
  return [
    {
      kind: 'wall',
      id: 'wall',
      verdict,
      value: wallBesideMm(mm, cutMm),
      valuePessimistic: wallBesideMm(mm - halfWidthMm, cutMm),
      limit: neededMm,
      unit: 'mm',
      facts: { edgeName, edgeMm: mm, halfWidthMm, cutMm, doubtful: needsReading },
      ...(needsReading ? { settledBy: 'edge' } : {}),
    },
  ];
}

export const wall: CheckKind<WallFacts> = {
  title: ({ edgeName }) => `Wall to the ${edgeName}`,
  words: ({ edgeMm, halfWidthMm, cutMm, doubtful }, verdict, say) => {
    const ratio = (2 * edgeMm) / cutMm;
    if (doubtful)
      return `s/D is ${ratio.toFixed(3)} as read but ${((2 * (edgeMm - halfWidthMm)) / cutMm).toFixed(3)} at the pessimistic end, below ${DILATION_LOWEST_RATIO}: measure the edge better, it decides`;
    return verdict === 'holds'
      ? `${say.length(wallBesideMm(edgeMm, cutMm))} of wall beside a ${say.length(cutMm)} cut; it needs ${say.length(NEEDED_WALL_PER_CUT * cutMm)}`
      : `s/D is ${ratio.toFixed(2)}, below ${DILATION_LOWEST_RATIO}: the wall would spread and the strength model does not reach`;
  },
  working: ({ edgeMm, halfWidthMm, cutMm }) => ({
    title: 'Wall beside the cut',
    formula: 'wall = edge − cut / 2; s/D = 2 · edge / cut',
    symbols: [
      { symbol: 'edge', meaning: 'axis to the nearest edge', value: edgeMm, unit: 'mm' },
      { symbol: 'cut', meaning: 'major diameter of the thread cut', value: cutMm, unit: 'mm' },
    ],
    result: { symbol: 's/D', value: (2 * edgeMm) / cutMm, unit: '' },
    source: 'VDI 2230 with Alexander’s dilation factor: valid from s/D = 1.4',
    range: { low: (2 * (edgeMm - halfWidthMm)) / cutMm, high: (2 * (edgeMm + halfWidthMm)) / cutMm },
    notes: ['The drill follows the existing hole, so no position error is added.'],
  }),
};
