import { chooseTapDrill } from '../../facts/drills/index.ts';
import { threadGeometry } from '../../facts/threads/index.ts';
import { tappingLoad } from '../../judge/strength/index.ts';
import type { Say } from '../../basis/units/index.ts';
import type { StuckCase } from './StuckCase.ts';

/** Share of thread that spares a tap and still holds (rule of thumb; judgement of tough metal). */
const SPARING_SHARE = 0.65;

/** What the next tap is to be spared: the drill that loads it less, and how much less than the thread's basic bore. */
export type PreventTap = { drillId: string; boreMm: number; torqueNm: number; snapsAtNm: number; fullerNm: number };

/**
 * What prevents the next broken tap: a drill at the large end of the class, with the load that it leaves. Null for whatever is
 * no tap, and where the rack holds no such drill.
 * @example preventNextTap(blankStuck('screw', threadById('M6x1'), parentById('grey-iron'))) // null
 */
export function preventNextTap({ what, thread, parent, rack }: StuckCase): PreventTap | null {
  if (what !== 'tap') return null;
  const choice = chooseTapDrill(thread, { rack, targetShare: SPARING_SHARE, tough: true }).best;
  if (!choice) return null;
  const { majorInternalMm, minorInternalMm } = threadGeometry(thread);
  const at = (boreMm: number) => tappingLoad({ ...thread, majorInternalMm }, boreMm, parent);
  const { torqueNm, snapsAtNm } = at(choice.drill.diameterMm);
  return {
    drillId: choice.drill.id,
    boreMm: choice.drill.diameterMm,
    torqueNm,
    snapsAtNm,
    fullerNm: at(minorInternalMm).torqueNm,
  };
}

/** @example preventWords({ drillId: '5.2 mm', boreMm: 5.2, torqueNm: 1, snapsAtNm: 6, fullerNm: 1.5 }, SAY.mm)[0].startsWith('Drill 5.2 mm') // true */
export const preventWords = ({ drillId, torqueNm, snapsAtNm, fullerNm }: PreventTap, say: Say): string[] => [
  `Drill ${drillId}: the tap takes about ${say.torque(torqueNm)} instead of ${say.torque(fullerNm)} in a hole of the basic size; it snaps at about ${say.torque(snapsAtNm)}. Gauge the bore first: most taps break in a hole that is too small.`,
  'Square at the third turn, looked at from two sides; the fluid for this metal; chips out before they pack; stop when the turns say that the bottom is near.',
];
