import { Z95 } from '../../basis/numeric/index.ts';
import { rackDrills } from '../../facts/drills/index.ts';
import { HOLDS, isLight, STARTS, type HoldId, type StartId } from '../../judge/hole/index.ts';
import type { HarmInput } from './chanceOfHarm.ts';
import { coreWindow, keptShellMm } from './coreWindow.ts';
import { coreDepth } from './corePlan.ts';
import type { StuckCase } from './StuckCase.ts';

/** What can be chosen or measured about the drilling itself. */
export interface CoreDrilling {
  start: StartId;
  hold: HoldId;
  depthMm?: number | undefined;
  projectionMm?: number | undefined;
  /** Share of the parent's thread that the joint can spare. */
  spareShare?: number | undefined;
  voidMm?: number | null | undefined;
  /** The parent's bore when it was made, if it is known. */
  boredMm?: number | null | undefined;
  /** Measured after the first step: it takes the place of the guess about the start. */
  measuredOffset?: { mm: number; halfWidthMm: number } | null | undefined;
  limit?: 'nominal' | 'class' | undefined;
  trials?: number | undefined;
}

export const USUAL_TRIALS = 100_000;
/** Drills worth looking at: from a third of the screw's root to the thread's major (our estimate). */
const LEAST_OF_ROOT = 1 / 3;
/** Wander of a drill in a hard screw in softer metal, mm a mm of free projection (our estimate). */
const WANDER_PER_MM = 0.002;
const SOFTER: readonly string[] = ['aluminium', 'magnesium', 'zinc', 'copper', 'plastic'];
/** A drill as it stands out of a chuck (our estimate). */
export const USUAL_PROJECTION_MM = 30;
const USUAL_SPARE_SHARE = 0.2;

/** A fastener that nobody measured is taken as long as such are, in diameters (our estimate): a longer hole wanders farther. */
const UNKNOWN_LENGTH_D = { light: 2.5, other: 1.5 } as const;
const unknownDepthMm = ({ parent, thread }: StuckCase): number =>
  UNKNOWN_LENGTH_D[isLight(parent) ? 'light' : 'other'] * thread.majorMm;

/** The depth to be drilled where the fastener's length is known. */
function depthOf({ lengthMm, thread, keep }: StuckCase, drillMm: number): number | null {
  if (lengthMm === null) return null;
  return (
    coreDepth({ lengthMm, sunkMm: 0, pitchMm: thread.pitchMm, drillMm, floorMm: keep.floorMm })?.fromBreakMm ?? null
  );
}

/** How far out the drill may go toward what is beside the hole. */
const wallKept = (voidMm: number | null, { keep }: StuckCase): number | null =>
  voidMm === null ? null : Math.max(0, voidMm - (keep.wallMm ?? 0));

/** Everything the simulation needs, but its random numbers: safe to send to a worker. */
export function harmInput(stuck: StuckCase, drilling: CoreDrilling): Omit<HarmInput, 'random'> {
  const window = coreWindow(stuck.thread, drilling.limit ?? 'nominal', drilling.boredMm ?? null);
  const measured = drilling.measuredOffset ?? null;
  return {
    window,
    majorMm: stuck.thread.majorMm,
    drillsMm: rackDrills(stuck.rack)
      .map((drill) => drill.diameterMm)
      .filter((mm) => mm >= LEAST_OF_ROOT * window.rootMm && mm <= stuck.thread.majorMm),
    ...(stuck.rack.drilling ? { drilling: stuck.rack.drilling } : {}),
    startOffsetMm: measured?.mm ?? 0,
    sigmaOffsetMm: measured ? measured.halfWidthMm / Z95 : STARTS.find((row) => row.id === drilling.start)!.sigmaMm,
    sigmaTiltDeg: HOLDS.find((row) => row.id === drilling.hold)!.sigmaDeg,
    depthMm: drilling.depthMm ?? depthOf(stuck, window.rootMm) ?? unknownDepthMm(stuck),
    wanderPerMm: SOFTER.includes(stuck.parent.group) ? WANDER_PER_MM : 0,
    projectionMm: drilling.projectionMm ?? USUAL_PROJECTION_MM,
    spareShare: drilling.spareShare ?? USUAL_SPARE_SHARE,
    voidMm: wallKept(drilling.voidMm ?? null, stuck),
    keepShellMm: keptShellMm(stuck.thread.majorMm, drilling.hold, stuck.keep.shellMm),
    trials: drilling.trials ?? USUAL_TRIALS,
  };
}
