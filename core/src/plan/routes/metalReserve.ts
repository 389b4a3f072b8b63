import type { Working } from '../../basis/checks/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import { DILATION_LOWEST_RATIO } from '../../judge/strength/index.ts';

export interface MetalReserve {
  /** Share of the metal between the as-made thread and the limit that is still there; null when the limit is unknown. */
  ratio: number | null;
  leftMm: number | null;
  /** What it follows from; null when the limit is unknown. */
  from: { edgeMm: number; outermostMm: number; majorMm: number } | null;
}

/**
 * Metal reserve: (limit radius − needed wall − outermost cut radius) over the same with the as-made major. Needed wall is
 * 0.2 of the cut's diameter, so each term is edge − 0.7·D. An unknown limit gives null, never 100 %.
 * Worked: edge 30 mm, M8 as made, coil 9.624: (30 − 6.737)/(30 − 5.6) = 95 %.
 */
export function metalReserve(hole: HoleCase, outermostMm: number): MetalReserve {
  if (hole.edge === null) return { ratio: null, leftMm: null, from: null };
  const half = DILATION_LOWEST_RATIO / 2;
  const edgeMm = hole.edge.mm;
  const asMadeMm = edgeMm - half * hole.thread.majorMm;
  const leftMm = edgeMm - half * outermostMm;
  return {
    ratio: asMadeMm > 0 ? Math.max(0, leftMm / asMadeMm) : 0,
    leftMm: Math.max(0, leftMm),
    from: { edgeMm, outermostMm, majorMm: hole.thread.majorMm },
  };
}

/** Working of a metal reserve; null where the limit is unknown. */
export function reserveWorking({ ratio, from }: MetalReserve): Working | null {
  if (from === null || ratio === null) return null;
  const { edgeMm, outermostMm, majorMm } = from;
  return {
    title: 'Metal reserve',
    // As made it had less than the needed wall: two negatives would give a reserve that is not there.
    formula:
      edgeMm > (DILATION_LOWEST_RATIO / 2) * majorMm
        ? 'reserve = (edge − 0.7 · cut) / (edge − 0.7 · D), never under 0'
        : 'edge ≤ 0.7 · D: reserve = 0',
    symbols: [
      { symbol: 'edge', meaning: 'axis to the limit', value: edgeMm, unit: 'mm' },
      { symbol: 'cut', meaning: 'outermost cut of this route', value: outermostMm, unit: 'mm' },
      { symbol: 'D', meaning: 'major diameter as made', value: majorMm, unit: 'mm' },
    ],
    result: { symbol: 'reserve', value: ratio, unit: '' },
    source: 'our measure: metal left beyond the needed wall of 0.2 × the cut',
    estimate: true,
  };
}
