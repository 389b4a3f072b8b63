import { drillPointMm } from '../../cutting/index.ts';
import { type CheckKind, type CheckOf, type Verdict } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import type { Proposed } from '../Route.ts';
import { wetNeedMm, wetVerdict } from './wetWall.ts';
import { judgeFloorInside, type FloorInsideFacts } from './floorInside.ts';
import { judgeFloorUnknown, type FloorUnknownFacts } from './floorUnknown.ts';

/** Metal that must stay under a drill's tip: the larger of 1.5 mm and 0.15 of the drill (our estimate). */
const FLOOR_LEAST_MM = 1.5;
const FLOOR_PER_DRILL = 0.15;

/** What must stay under a drill's tip: more before a liquid or a pressure. */
function floorNeedMm({ behind, thread }: HoleCase, drillMm: number): number {
  return behind === 'liquid' || behind === 'pressure'
    ? wetNeedMm(thread.majorMm)
    : Math.max(FLOOR_LEAST_MM, FLOOR_PER_DRILL * drillMm);
}

/** How deep the cylinder of a blind hole may be drilled so that what lies beneath is safe, and never deeper than it is. */
export function shoulderWithinFloorMm(hole: HoleCase, drillMm: number): number {
  const { depth, floor: measured, behind } = hole;
  if (measured === null && behind === 'nothing') return depth.mm;
  const insideMm = depth.mm - depth.halfWidthMm;
  const tipMm =
    measured === null
      ? insideMm
      : Math.max(insideMm, measured.mm - measured.halfWidthMm - depth.halfWidthMm - floorNeedMm(hole, drillMm));
  return Math.min(depth.mm, tipMm - drillPointMm(drillMm));
}

export type FloorFacts = { floorName: string; beyondMm: number; tipMm: number; needMm: number };

/** Does the drill of a blind hole leave its floor? Precedence: nothing lies there; the tip stays in the old hole; unknown; measured. A liquid or a pressure wants more. */
export function judgeFloor(
  hole: HoleCase,
  { cut, depths }: Pick<Proposed, 'cut' | 'depths'>,
  way: Way,
): (
  CheckOf<'floor', FloorFacts> | CheckOf<'floor-inside', FloorInsideFacts> | CheckOf<'floor-unknown', FloorUnknownFacts>
)[] {
  const { floor: measured, floorName, depth, behind } = hole;
  if (hole.kind !== 'blind' || !way.drills || cut.drillMm === null) return [];
  const tipMm = depths.drillTipMm;
  if (measured === null && behind === 'nothing') return [];
  // Held against the shoulder, not the old drill's point: a milled hole has a flat bottom and no point to go down into.
  if (tipMm <= depth.mm - depth.halfWidthMm) return [judgeFloorInside({ floorName, tipMm, depthMm: depth.mm })];
  if (measured === null) return [judgeFloorUnknown({ floorName, looked: behind !== null, tipMm })];
  const wet = behind === 'liquid' || behind === 'pressure';
  const majorMm = hole.thread.majorMm;
  const needMm = floorNeedMm(hole, cut.drillMm);
  const leftMm = measured.mm - tipMm;
  const pessimisticMm = leftMm - measured.halfWidthMm - depth.halfWidthMm;
  const dry: Verdict = pessimisticMm >= needMm ? 'holds' : leftMm >= needMm ? 'with-care' : 'does-not-hold';
  const verdict = wet ? wetVerdict(pessimisticMm, majorMm) : dry;
  return [
    {
      kind: 'floor',
      id: 'floor',
      verdict,
      value: leftMm,
      valuePessimistic: pessimisticMm,
      limit: needMm,
      unit: 'mm',
      facts: { floorName, beyondMm: measured.mm, tipMm, needMm },
      ...(verdict === 'with-care' ? { settledBy: 'floor' } : {}),
    },
  ];
}

export const floor: CheckKind<FloorFacts> = {
  title: ({ floorName }) => `Floor over the ${floorName}`,
  words: ({ floorName, beyondMm, tipMm, needMm }, _verdict, say) =>
    beyondMm - tipMm <= 0
      ? `the drill would break through into the ${floorName}`
      : `${say.length(beyondMm - tipMm)} stay under the drill’s tip; it needs ${say.length(needMm)}`,
  working: ({ floorName, beyondMm, tipMm }) => ({
    title: 'Floor under the drill',
    formula: 'floor left = face to what lies beyond − tip of the drill',
    symbols: [
      { symbol: 'beyond', meaning: `face to the ${floorName}`, value: beyondMm, unit: 'mm' },
      { symbol: 'tip', meaning: 'tip of the drill', value: tipMm, unit: 'mm' },
    ],
    result: { symbol: 'floor left', value: beyondMm - tipMm, unit: 'mm' },
    source: 'geometry; what must stay is our estimate',
    estimate: true,
  }),
};
