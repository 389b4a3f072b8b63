import type { Machine } from '../../facts/machines/index.ts';
import { deepestMm, stickOut, type StickOut } from '../../facts/drills/index.ts';

/** What stands between spindle nose and table, mm. */
export interface Stack {
  parallelsMm: number;
  workMm: number;
  holderMm: number;
  toolOutMm: number;
  /** Air between tip and work when the tool is up, so that it can be changed and its chips cleared. */
  gapMm: number;
}

/**
 * By how much the stack is too tall for the machine; negative: it has that much to spare.
 * @example shortByMm(420, { parallelsMm: 20, workMm: 250, holderMm: 75, toolOutMm: 95, gapMm: 5 }) // 25
 * @example shortByMm(420, { parallelsMm: 20, workMm: 250, holderMm: 18, toolOutMm: 60, gapMm: 5 }) // -67
 */
export const shortByMm = (daylightMm: number, { parallelsMm, workMm, holderMm, toolOutMm, gapMm }: Stack): number =>
  parallelsMm + workMm + holderMm + toolOutMm + gapMm - daylightMm;

/** Air above the work with the tool up, mm; and parallels under it where a drill goes through (our estimates). */
export const WORKING_GAP_MM = 5;
export const PARALLELS_MM = 20;

/** One way to hold the tool and whether it fits. */
export type Fit = {
  holder: 'chuck' | 'collet';
  series: StickOut['series'];
  parallels: boolean;
  /** Negative: so much to spare. */
  shortMm: number;
  /** The drill's flutes reach the depth. */
  reaches: boolean;
};

/** What fits on a machine, and what does not: judged for one tool and one depth. */
export type ReachOnMachine = {
  /** As it would be put up first: jobber drill in the chuck. */
  usual: Fit;
  /** The least change that makes it fit; null where it fits as it is, or nothing helps. */
  change: Fit | null;
  /** The quill's travel is too short for gap and depth by this much; the table is raised half way; 0: it is enough. */
  travelShortMm: number;
  /** The chuck's body meets a wall beside the hole by this much; 0: it does not, or nobody measured. */
  besideShortMm: number;
};

/**
 * Does holder, tool and work go under the spindle? Changes are tried in this order: stub drill, collet, both, no parallels.
 * Null where the machine's daylight or the work's height is not known, or the drill has no straight shank.
 */
export function reachOnMachine(
  machine: Pick<Machine, 'daylightMm' | 'travelMm' | 'chuckLengthMm' | 'chuckRadiusMm' | 'collet'>,
  job: { drillMm: number; depthMm: number; workMm: number | null; through: boolean; sideRoomMm: number | null },
): ReachOnMachine | null {
  const { daylightMm, travelMm, chuckLengthMm, chuckRadiusMm, collet } = machine;
  const { drillMm, depthMm, workMm, through, sideRoomMm } = job;
  if (daylightMm === null || workMm === null) return null;
  const fit = (holder: Fit['holder'], series: Fit['series'], parallels: boolean): Fit | null => {
    const tool = stickOut(drillMm, series);
    if (!tool || (holder === 'collet' && (collet === null || drillMm > collet.mostMm))) return null;
    const stack = {
      parallelsMm: parallels ? PARALLELS_MM : 0,
      workMm,
      holderMm: holder === 'collet' ? collet!.lengthMm : chuckLengthMm,
      toolOutMm: tool.outMm,
      gapMm: WORKING_GAP_MM,
    };
    return {
      holder,
      series,
      parallels,
      shortMm: shortByMm(daylightMm, stack),
      reaches: deepestMm(tool, drillMm) >= depthMm - 1e-9,
    };
  };
  const usual = fit('chuck', 'jobber', through);
  if (!usual) return null;
  const good = (one: Fit | null): one is Fit => one !== null && one.shortMm <= 0 && one.reaches;
  const changes = [
    fit('chuck', 'stub', through),
    fit('collet', 'jobber', through),
    fit('collet', 'stub', through),
    ...(through ? [] : [fit('collet', 'stub', false)]),
  ];
  return {
    usual,
    change: good(usual) ? null : (changes.find(good) ?? null),
    travelShortMm: travelMm === null ? 0 : Math.max(0, WORKING_GAP_MM + depthMm - travelMm),
    besideShortMm: sideRoomMm === null ? 0 : Math.max(0, chuckRadiusMm - sideRoomMm),
  };
}
