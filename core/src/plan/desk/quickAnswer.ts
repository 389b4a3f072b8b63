import { parseLength, type LengthProblem } from '../../basis/units/index.ts';
import {
  chooseTapDrill,
  DRILL_SIZES,
  rackDrills,
  SHARE_REFUSED_UNDER,
  shareOfThread,
  type DrillSize,
  type Rack,
  type TapDrillChoice,
} from '../../facts/drills/index.ts';
import { coilHole, type CoilHole } from '../../facts/inserts/index.ts';
import {
  externalLimits,
  internalLimits,
  parseThread,
  threadGeometry,
  THREADS,
  type ExternalLimits,
  type InternalLimits,
  type Thread,
  type ThreadGeometry,
  type ThreadProblem,
} from '../../facts/threads/index.ts';
import { clearanceHoles } from '../routes/index.ts';

export interface ThreadCard {
  kind: 'thread';
  thread: Thread;
  geometry: ThreadGeometry;
  internal: InternalLimits;
  external: ExternalLimits;
  tapDrill: TapDrillChoice;
  coil: CoilHole;
  clearance: { closeMm: number; normalMm: number; source: string };
}

export interface DrillCard {
  kind: 'drill';
  diameterMm: number;
  /** The drill of exactly this size, if there is one. */
  exact: DrillSize | null;
  /** True when the unit was taken from the shop's setting. */
  bare: boolean;
  /** Nearest sizes in the rack, below and above. */
  below: DrillSize | null;
  above: DrillSize | null;
  /** Threads that this drill can be tapped to, fullest first, and the screws that it clears. */
  taps: { thread: Thread; share: number }[];
  bodyOf: Thread[];
}

export type QuickAnswer =
  | ThreadCard
  | DrillCard
  | { kind: 'nothing' }
  | { kind: 'not-understood'; threadProblem: ThreadProblem; lengthProblem: LengthProblem };

/** A drill within this of a screw's major diameter is the size of the screw's body. */
const BODY_WITHIN_MM = 0.06;
/** Shares that a tap drill is worth listing for. */
const LISTED_SHARE = { low: SHARE_REFUSED_UNDER, high: 0.9 } as const;

function threadCard(thread: Thread, rack: Rack): ThreadCard {
  return {
    kind: 'thread',
    thread,
    geometry: threadGeometry(thread),
    internal: internalLimits(thread),
    external: externalLimits(thread),
    tapDrill: chooseTapDrill(thread, { targetShare: 0.76, tough: false, rack }),
    coil: coilHole(thread),
    clearance: clearanceHoles(thread),
  };
}

function drillCard(diameterMm: number, bare: boolean, rack: Rack): DrillCard {
  const owned = rackDrills(rack);
  return {
    kind: 'drill',
    diameterMm,
    exact: DRILL_SIZES.find((size) => Math.abs(size.diameterMm - diameterMm) < 0.0005) ?? null,
    bare,
    below: owned.filter((size) => size.diameterMm < diameterMm - 0.0005).at(-1) ?? null,
    above: owned.find((size) => size.diameterMm > diameterMm + 0.0005) ?? null,
    taps: THREADS.map((thread) => ({ thread, share: shareOfThread(thread, diameterMm) }))
      .filter(({ share }) => share >= LISTED_SHARE.low && share <= LISTED_SHARE.high)
      .sort((a, b) => Math.abs(a.share - 0.76) - Math.abs(b.share - 0.76))
      .slice(0, 6),
    bodyOf: THREADS.filter((thread) => Math.abs(thread.majorMm - diameterMm) < BODY_WITHIN_MM),
  };
}

/**
 * The quick line: a thread (`M8`, `3/8-16`, `M12x1.5 LH`) or a drill (`27/64`, `#7`, `Q`, `8.5`). A bare number takes the
 * shop's unit and says so.
 * @example quickAnswer('M8', { bareUnit: 'mm', rack: FULL_RACK }).kind // 'thread'
 */
export function quickAnswer(text: string, shop: { bareUnit: 'mm' | 'in'; rack: Rack }): QuickAnswer {
  if (text.trim() === '') return { kind: 'nothing' };
  const asThread = parseThread(text);
  if (asThread.ok) return threadCard(asThread.thread, shop.rack);
  const asLength = parseLength(text, { bareUnit: shop.bareUnit, minMm: 0.3, maxMm: 60 });
  if (asLength.ok) return drillCard(asLength.length.mm, asLength.length.bare, shop.rack);
  return { kind: 'not-understood', threadProblem: asThread.problem, lengthProblem: asLength.problem };
}
