import { firstAtLeast } from '../../basis/numeric/index.ts';
import { inchToMm } from '../../basis/units/index.ts';
import { externalLimits, type Thread } from '../threads/index.ts';
import { rackDrills, type Rack, type RackDrill } from './drillSizes.ts';

export const CLEARANCE_FITS = ['close', 'normal', 'free'] as const;
export type ClearanceFit = (typeof CLEARANCE_FITS)[number];

export interface ClearanceHoles {
  closeMm: number;
  normalMm: number;
  freeMm: number;
  source: string;
}

/** Clearance holes for metric screws: fine (close), medium (normal), coarse (free) series. Source: ISO 273. */
const ISO_273: readonly { majorMm: number; closeMm: number; normalMm: number; freeMm: number }[] = [
  { majorMm: 1.6, closeMm: 1.7, normalMm: 1.8, freeMm: 2 },
  { majorMm: 1.8, closeMm: 2, normalMm: 2.1, freeMm: 2.2 },
  { majorMm: 2, closeMm: 2.2, normalMm: 2.4, freeMm: 2.6 },
  { majorMm: 2.5, closeMm: 2.7, normalMm: 2.9, freeMm: 3.1 },
  { majorMm: 3, closeMm: 3.2, normalMm: 3.4, freeMm: 3.6 },
  { majorMm: 3.5, closeMm: 3.7, normalMm: 3.9, freeMm: 4.2 },
  { majorMm: 4, closeMm: 4.3, normalMm: 4.5, freeMm: 4.8 },
  { majorMm: 5, closeMm: 5.3, normalMm: 5.5, freeMm: 5.8 },
  { majorMm: 6, closeMm: 6.4, normalMm: 6.6, freeMm: 7 },
  { majorMm: 7, closeMm: 7.4, normalMm: 7.6, freeMm: 8 },
  { majorMm: 8, closeMm: 8.4, normalMm: 9, freeMm: 10 },
  { majorMm: 10, closeMm: 10.5, normalMm: 11, freeMm: 12 },
  { majorMm: 12, closeMm: 13, normalMm: 13.5, freeMm: 14.5 },
  { majorMm: 14, closeMm: 15, normalMm: 15.5, freeMm: 16.5 },
  { majorMm: 16, closeMm: 17, normalMm: 17.5, freeMm: 18.5 },
  { majorMm: 18, closeMm: 19, normalMm: 20, freeMm: 21 },
  { majorMm: 20, closeMm: 21, normalMm: 22, freeMm: 24 },
  { majorMm: 22, closeMm: 23, normalMm: 24, freeMm: 26 },
  { majorMm: 24, closeMm: 25, normalMm: 26, freeMm: 28 },
  { majorMm: 27, closeMm: 28, normalMm: 30, freeMm: 32 },
  { majorMm: 30, closeMm: 31, normalMm: 33, freeMm: 35 },
  { majorMm: 33, closeMm: 34, normalMm: 36, freeMm: 38 },
  { majorMm: 36, closeMm: 37, normalMm: 39, freeMm: 42 },
  { majorMm: 39, closeMm: 40, normalMm: 42, freeMm: 45 },
];

/**
 * Close, normal and free clearance holes: ISO 273 for metric; for every other thread 1/64, 1/32 and 1/16 in over the screw
 * (shop practice).
 * @example clearanceHoles(threadById('M10x1.5')).normalMm // 11
 */
export function clearanceHoles(thread: Thread): ClearanceHoles {
  const row = thread.family === 'metric' ? ISO_273.find((r) => r.majorMm === thread.majorMm) : undefined;
  if (row) return { closeMm: row.closeMm, normalMm: row.normalMm, freeMm: row.freeMm, source: 'ISO 273' };
  return {
    closeMm: thread.majorMm + inchToMm(1 / 64),
    normalMm: thread.majorMm + inchToMm(1 / 32),
    freeMm: thread.majorMm + inchToMm(1 / 16),
    source: 'shop practice: 1/64 in close, 1/32 in normal, 1/16 in free',
  };
}

/** A drill that lets the screw through. */
export interface ClearanceDrill {
  fit: ClearanceFit;
  wantedMm: number;
  /** The smallest drill in the rack that is not under the fit; null when the rack ends below it. */
  drill: RackDrill | null;
  /** Room round the largest screw that the class allows, or round the screw that was measured; on diameter. */
  clearanceMm: number | null;
}

/**
 * Clearance drills from the rack, close, normal and free, each checked against the real screw: the one measured, else the
 * largest that its class allows.
 * @example clearanceDrills(threadById('M8x1.25'), FULL_RACK)[1].drill.id // '9 mm'
 */
export function clearanceDrills(thread: Thread, rack: Rack, screwMm?: number): ClearanceDrill[] {
  const holes = clearanceHoles(thread);
  const screw = screwMm ?? externalLimits(thread).majorMaxMm;
  const native = thread.threadsPerInch === null ? 'mm' : 'in';
  const drills = rackDrills(rack);
  return CLEARANCE_FITS.map((fit) => {
    const wantedMm = { close: holes.closeMm, normal: holes.normalMm, free: holes.freeMm }[fit];
    const from = firstAtLeast(drills, ({ diameterMm }) => diameterMm, Math.max(wantedMm, screw) - 0.005);
    // A drill of the screw's own system, if one is as near as makes no difference.
    let own = from;
    while (own < drills.length && drills[own]!.system !== native) own += 1;
    const near = own < drills.length && drills[own]!.diameterMm - drills[from]!.diameterMm < 0.1;
    const drill = (near ? drills[own] : drills[from]) ?? null;
    return { fit, wantedMm, drill, clearanceMm: drill && drill.diameterMm - screw };
  });
}
