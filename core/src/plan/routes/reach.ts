import {
  isBolted,
  BOTTOM_ROOM_PITCHES,
  leastReachMm,
  longReachMm,
  TIP_PITCHES,
  type HoleCase,
  type Measured,
} from '../../judge/hole/index.ts';
import type { Proposed, RouteContext } from './Route.ts';

/** What of a screw that reaches so far carries: all but its point. @example carriesTo(16, { pitchMm: 1.25 }) // 14.75 */
export const carriesTo = (reachMm: number, { pitchMm }: { pitchMm: number }): number => reachMm - TIP_PITCHES * pitchMm;

/** The farthest that a screw may reach: free room at the bottom of a blind hole, and out of what lies behind a through one. */
export const mostReachMm = ({ kind, depth, behind }: HoleCase, { pitchMm }: { pitchMm: number }): number => {
  if (kind === 'blind') return depth.mm - BOTTOM_ROOM_PITCHES * pitchMm;
  return behind === 'nothing' ? depth.mm + TIP_PITCHES * pitchMm : depth.mm;
};

/**
 * How far thread carries that ends at `endMm`, with a screw that the plan prescribes. What is no screw or stud has the reach
 * that its maker gave it.
 */
export function prescribedTo(
  { hole, made }: Pick<RouteContext, 'hole' | 'made'>,
  endMm: number,
  thread: { pitchMm: number },
): number {
  const mostMm = isBolted(hole) ? mostReachMm(hole, thread) : made.reachMm;
  return Math.max(0, Math.min(endMm, carriesTo(mostMm, thread)));
}

/** How far down a screw must find thread: what the plan counts on, and a mend is held against. 0: no thread in the part. */
export const threadToMm = ({ depths }: Pick<Proposed, 'depths'>): number =>
  Math.min(depths.screwReachMm, depths.fullThreadToMm);

/** How far the present screw reaches: as measured, or from the least to the longest that is plausible. */
export const presentReach = (hole: HoleCase): { least: Measured; usual: Measured | null } =>
  hole.joint.screwReach
    ? { least: hole.joint.screwReach, usual: null }
    : {
        least: { mm: leastReachMm(hole), halfWidthMm: 0 },
        usual: { mm: Math.max(longReachMm(hole), hole.depth.mm), halfWidthMm: 0 },
      };
