import type { Say } from '../../basis/units/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import { WAYS } from '../../facts/ways/index.ts';
import { metalReserve } from './metalReserve.ts';
import type { Route } from './methods/registry.ts';

/** What a mend leaves for the next one. */
export interface MetalLeft {
  /** Beyond the wall that the cut needs, mm, and as a share of what the hole had new; null: nobody measured the nearest edge. */
  leftMm: number | null;
  ratio: number | null;
  /** The edge is at least so far away: somebody saw metal there, nobody measured it. */
  atLeast: boolean;
  /** What is still possible in this hole, least metal first. */
  afterwards: string[];
}

/**
 * What is left once a way is cut: from its bore as it was measured, where that is the outermost cut. Null where this hole is not
 * what is mended.
 */
export function metalLeft(hole: HoleCase, route: Route, boreMm: number | null): MetalLeft | null {
  const { elsewhere, atThisHole } = WAYS[route.method];
  if (elsewhere || !atThisHole) return null;
  const { leftMm, ratio } = metalReserve(hole, Math.max(route.cut.outermostMm, boreMm ?? 0));
  return { leftMm, ratio, atLeast: hole.edgeAtLeast, afterwards: route.afterwards };
}

/** The same in words; empty where there is none. */
export function metalLeftWords(left: MetalLeft | null, say: Say): string {
  if (left === null) return '';
  const { leftMm, ratio, atLeast, afterwards } = left;
  const metal =
    leftMm === null || ratio === null
      ? 'not known: nobody measured the nearest edge'
      : `${atLeast ? 'at least ' : ''}${say.length(leftMm)} beyond the wall that it needs, ${Math.round(100 * ratio)} % of what it had new`;
  const then =
    afterwards.length > 0
      ? `If it fails again: ${afterwards.join(', ').toLowerCase()}.`
      : 'Nothing larger fits after this.';
  return `Metal left for next time: ${metal}. ${then}`;
}
