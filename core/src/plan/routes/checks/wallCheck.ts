import { verdictUnderDoubt, type Check, type Verdict } from '../../../basis/checks/index.ts';
import { spokenLength } from '../../../basis/units/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { DILATION_LOWEST_RATIO } from '../../../judge/strength/index.ts';

/**
 * Wall needed beside a cut, as a share of its diameter: the dilation model ends at s/D = 1.4, that is 0.7 D from the axis,
 * 0.2 D beyond the cut's radius.
 */
export const NEEDED_WALL_PER_CUT = (DILATION_LOWEST_RATIO - 1) / 2;

/** Largest cut that an edge distance allows. @example largestCutMm(5.25) // 7.5 */
export function largestCutMm(edgeMm: number): number {
  return (2 * edgeMm) / DILATION_LOWEST_RATIO;
}

/** Is there wall enough beside the cut for the strength model to hold? Unknown edge: with care, naming the reading. */
export function wallCheck(hole: HoleCase, cutMm: number, cutsNewMetal: boolean): Check[] {
  if (hole.edge === null) {
    if (!cutsNewMetal) return [];
    return [
      {
        id: 'wall',
        title: `Wall to the ${hole.edgeName}`,
        verdict: 'with-care',
        value: null,
        valuePessimistic: null,
        limit: NEEDED_WALL_PER_CUT * cutMm,
        unit: 'mm',
        because: () =>
          `the nearest edge is not measured; this cut needs at least ${spokenLength((DILATION_LOWEST_RATIO / 2) * cutMm)} from the axis`,
        working: null,
        settledBy: 'edge',
      },
    ];
  }
  const { mm, halfWidthMm } = hole.edge;
  const holds = (edgeMm: number): Verdict =>
    (2 * edgeMm) / cutMm >= DILATION_LOWEST_RATIO ? 'holds' : 'does-not-hold';
  const { verdict, needsReading } = verdictUnderDoubt(holds(mm), holds(mm - halfWidthMm));
  const ratio = (2 * mm) / cutMm;
  const ratioPessimistic = (2 * (mm - halfWidthMm)) / cutMm;
  const because = () =>
    needsReading
      ? `s/D is ${ratio.toFixed(3)} as read but ${ratioPessimistic.toFixed(3)} at the pessimistic end, below ${DILATION_LOWEST_RATIO}: measure the edge better, it decides`
      : verdict === 'holds'
        ? `${spokenLength(mm - cutMm / 2)} of wall beside a ${spokenLength(cutMm)} cut; it needs ${spokenLength(NEEDED_WALL_PER_CUT * cutMm)}`
        : `s/D is ${ratio.toFixed(2)}, below ${DILATION_LOWEST_RATIO}: the wall would spread and the strength model does not reach`;
  return [
    {
      id: 'wall',
      title: `Wall to the ${hole.edgeName}`,
      verdict,
      value: mm - cutMm / 2,
      valuePessimistic: mm - halfWidthMm - cutMm / 2,
      limit: NEEDED_WALL_PER_CUT * cutMm,
      unit: 'mm',
      because,
      working: () => ({
        title: 'Wall beside the cut',
        formula: 'wall = edge − cut / 2; s/D = 2 · edge / cut',
        symbols: [
          { symbol: 'edge', meaning: 'axis to the nearest edge', value: mm, unit: 'mm' },
          { symbol: 'cut', meaning: 'major diameter of the thread cut', value: cutMm, unit: 'mm' },
        ],
        result: { symbol: 's/D', value: ratio, unit: '' },
        source: 'VDI 2230 with Alexander’s dilation factor: valid from s/D = 1.4',
        range: { low: ratioPessimistic, high: (2 * (mm + halfWidthMm)) / cutMm },
        notes: ['The drill follows the existing hole, so no position error is added.'],
      }),
      ...(needsReading ? { settledBy: 'edge' } : {}),
    },
  ];
}
