import type { Working } from '../../../basis/checks/index.ts';
import {
  DRILL_SIZES,
  expectedBoreMm,
  judgeTapDrill,
  rackDrills,
  shareOfThread,
  type RackDrill,
  type TapDrillJudgement,
} from '../../../facts/drills/index.ts';
import type { ParentMaterial } from '../../../facts/materials/index.ts';
import { THREADS, type Thread } from '../../../facts/threads/index.ts';
import { drillPointMm, drillSpeed, USUAL_SHARE } from '../../cutting/index.ts';
import type { AnswerShop } from '../AnswerShop.ts';

export interface DrillCard {
  kind: 'drill';
  diameterMm: number;
  /** The drill of exactly this size, if there is one: from the tables, or a single one of the shop's. */
  exact: { id: string } | null;
  /** True when the unit was taken from the shop's setting. */
  bare: boolean;
  /** What it is expected to bore, by the shop's set-up. */
  expectedBoreMm: number;
  pointMm: number;
  /** Speed in the material asked about. */
  speed: { parent: ParentMaterial; speedRpm: number; working: Working } | null;
  /** Nearest sizes in the rack, below and above. */
  below: RackDrill | null;
  above: RackDrill | null;
  /** Threads that this drill can be tapped to, the most usual share first. */
  taps: { thread: Thread; share: number; judgement: TapDrillJudgement }[];
  /** Screws whose body it is. */
  bodyOf: Thread[];
}

/** A drill within this of a screw's major diameter is the size of the screw's body (our estimate). */
const BODY_WITHIN_MM = 0.06;
/** Series too rare to list under a drill unless they are asked for by name. */
const RARE: readonly Thread['series'][] = [
  'UN',
  'UNEF',
  'fittings',
  'brass',
  'ME',
  'cycle',
  'Pg',
  'R',
  'NPT',
  'Acme',
  'Tr',
];
const LISTED = 8;

/** The card of a drill: its neighbours in the rack, what it can be tapped to and what it must not be used for. */
export function drillCard(
  diameterMm: number,
  bare: boolean,
  shop: AnswerShop,
  parent: ParentMaterial | null,
): DrillCard {
  const owned = rackDrills(shop.rack);
  const at = (mm: number) => Math.abs(mm - diameterMm) < 0.0005;
  const common = THREADS.filter((thread) => !RARE.includes(thread.series));
  const judged = common.map((thread) => ({
    thread,
    share: shareOfThread(thread, diameterMm),
    judgement: judgeTapDrill(thread, diameterMm, expectedBoreMm(diameterMm, shop.rack.drilling)),
  }));
  return {
    kind: 'drill',
    diameterMm,
    exact: DRILL_SIZES.find((size) => at(size.diameterMm)) ?? owned.find((size) => at(size.diameterMm)) ?? null,
    bare,
    expectedBoreMm: expectedBoreMm(diameterMm, shop.rack.drilling),
    pointMm: drillPointMm(diameterMm),
    speed: parent && { parent, ...drillSpeed(parent.id, diameterMm) },
    below: owned.filter((size) => size.diameterMm < diameterMm - 0.0005).at(-1) ?? null,
    above: owned.find((size) => size.diameterMm > diameterMm + 0.0005) ?? null,
    taps: judged
      .filter(({ judgement }) => judgement === 'fits' || judgement === 'light-duty' || judgement === 'tight')
      .sort((a, b) => Math.abs(a.share - USUAL_SHARE) - Math.abs(b.share - USUAL_SHARE))
      .slice(0, LISTED),
    bodyOf: common.filter((thread) => Math.abs(thread.majorMm - diameterMm) < BODY_WITHIN_MM),
  };
}
