import { STATEMENT, type CheckKind, type CheckOf, type Verdict } from '../../../basis/checks/index.ts';
import type { ParentGroup } from '../../../facts/materials/index.ts';
import type { RouteContext } from '../Route.ts';

/** Metals that a steel nut is welded to. */
const WELDS_TO_STEEL: readonly ParentGroup[] = ['steel', 'stainless'];

export type ThinWallFacts = {
  kind: 'backing-plate' | 'rivet-nut' | 'weld-nut';
  turns: number;
  reached: boolean;
  welds: boolean;
};

/** What a thin wall takes: a plate or a weld nut by access to the back, a weld nut only on steel, a rivet nut from the front. */
export function judgeThinWall(
  { hole, made }: RouteContext,
  kind: ThinWallFacts['kind'],
): CheckOf<'thin-wall', ThinWallFacts> {
  const reached = hole.joint.backReached;
  const welds = WELDS_TO_STEEL.includes(hole.parent.group);
  const verdict: Verdict =
    kind === 'rivet-nut'
      ? 'with-care'
      : !reached || (kind === 'weld-nut' && !welds)
        ? 'does-not-hold'
        : kind === 'weld-nut'
          ? 'with-care'
          : 'holds';
  return {
    ...STATEMENT,
    kind: 'thin-wall',
    id: 'thin-wall',
    verdict,
    facts: { kind, turns: made.turns, reached, welds },
  };
}

export const thinWall: CheckKind<ThinWallFacts> = {
  title: () => 'Thin wall',
  words: ({ kind, turns, reached, welds }) => {
    const thin = `new it had ${turns.toFixed(1)} turns`;
    if (kind === 'rivet-nut') return `${thin}: a rivet nut is set from the front, and holds what its sheet says`;
    if (!reached) return `${thin}, but nothing reaches the back`;
    if (kind === 'weld-nut' && !welds) return `${thin}, but a steel nut does not weld to it`;
    return kind === 'weld-nut'
      ? `${thin}: a welded nut carries the screw, if heat and looks allow it`
      : `${thin}: a plate behind spreads the load and carries the thread`;
  },
  working: null,
};
