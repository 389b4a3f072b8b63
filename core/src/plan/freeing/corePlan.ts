import { positive, within } from '../../basis/numeric/index.ts';
import { rackDrills, type RackDrill } from '../../facts/drills/index.ts';
import { chipsOf, type Chips } from './chips.ts';
import { coreDrill, type CoreDrill, type CoreWindow } from './coreWindow.ts';
import type { StuckCase } from './StuckCase.ts';

/** Step drills as shares of the last one: each takes little, so that it follows the one before (rule of thumb). */
const STEP_SHARES = [0.35, 0.6, 0.8] as const;
/** What the end of a fastener is short of full thread: its point or chamfer, in pitches (ISO 4753: at most two), and a margin. */
const POINT_PITCHES = 1;
const MARGIN_MM = 0.5;
/** A fastener of unknown length is drilled so far from the break first, in diameters (our estimate). */
const UNKNOWN_STOP_D = 1;
/** Least length of a guide bush, in drills, so that it guides (rule of thumb; docs/methods.md, Freeing what is stuck). */
const GUIDE_D = 2;

export interface CoreStep extends CoreDrill {
  drill: RackDrill;
}

export interface CoreDepth {
  /** False: nobody knows the fastener's length; from this stop on a millimetre or two at a time, while the chips are still its own. */
  lengthKnown: boolean;
  /** Deepest that the drill's tip may go, from the break and from the face; never to the bottom of the hole. */
  fromBreakMm: number;
  fromFaceMm: number;
  /** Added to the reading when the tip touches the break. */
  addToTouchMm: number;
  /** From the tip to the flag on the drill, level with the top of a guide of this thickness standing on the face. */
  guideMm: number;
  flagMm: number;
}

export interface CorePlan {
  steps: CoreStep[];
  /** Null where the fastener is too short to stop in. */
  depth: CoreDepth | null;
  chips: Chips;
}

/**
 * How deep a core drill may go: the fastener's length from the break, less its point (one pitch) and half a millimetre.
 * @example coreDepth({ lengthMm: 20, sunkMm: 6, pitchMm: 1.5, drillMm: 8 }).fromFaceMm // 24
 */
export function coreDepth(input: {
  lengthMm: number;
  sunkMm: number;
  pitchMm: number;
  drillMm: number;
}): CoreDepth | null {
  const { pitchMm } = input;
  const lengthMm = positive(input.lengthMm, 'length');
  const sunkMm = within(input.sunkMm, -1000, 1000, 'sunk');
  const fromBreakMm = lengthMm - POINT_PITCHES * pitchMm - MARGIN_MM;
  if (fromBreakMm <= 0) return null;
  return stopAt(fromBreakMm, { sunkMm, drillMm: input.drillMm, lengthKnown: true });
}

function stopAt(
  fromBreakMm: number,
  { sunkMm, drillMm, lengthKnown }: { sunkMm: number; drillMm: number; lengthKnown: boolean },
): CoreDepth {
  const guideMm = Math.ceil(GUIDE_D * drillMm);
  const fromFaceMm = fromBreakMm + sunkMm;
  return { lengthKnown, fromBreakMm, fromFaceMm, addToTouchMm: fromBreakMm, guideMm, flagMm: guideMm + fromFaceMm };
}

/** The steps to a last drill, each with what it leaves on both sides at an offset; drills that the rack does not part are taken once. */
export function coreSteps(
  lastMm: number,
  window: CoreWindow,
  offsetMm: number,
  { rack }: Pick<StuckCase, 'rack'>,
): CoreStep[] {
  const drills = rackDrills(rack).filter((drill) => drill.diameterMm <= lastMm + 1e-9);
  // Between the first and the last any size will do: those of the last one's own system, as the shop thinks in it.
  const system = drills.at(-1)?.system;
  const wanted = [...STEP_SHARES.map((share) => share * lastMm), lastMm];
  const taken = wanted.flatMap((mm) => {
    const nearest = drills
      .filter((drill) => drill.system === system)
      .reduce<RackDrill | null>(
        (best, drill) =>
          best === null || Math.abs(drill.diameterMm - mm) < Math.abs(best.diameterMm - mm) ? drill : best,
        null,
      );
    return nearest ? [nearest] : [];
  });
  return taken
    .filter((drill, index) => taken.findIndex((other) => other.diameterMm === drill.diameterMm) === index)
    .map((drill) => ({ drill, ...coreDrill(drill.diameterMm, window, offsetMm, rack.drilling) }));
}

/** The whole plan of a core drilling: steps to the last safe drill, how deep, and what the chips say. */
export function corePlan(stuck: StuckCase, window: CoreWindow, lastMm: number, offsetMm: number): CorePlan {
  return {
    steps: coreSteps(lastMm, window, offsetMm, stuck),
    depth:
      stuck.lengthMm === null
        ? stopAt(UNKNOWN_STOP_D * stuck.thread.majorMm, {
            sunkMm: -(stuck.proudMm ?? 0),
            drillMm: lastMm,
            lengthKnown: false,
          })
        : coreDepth({
            lengthMm: stuck.lengthMm,
            sunkMm: -(stuck.proudMm ?? 0),
            pitchMm: stuck.thread.pitchMm,
            drillMm: lastMm,
          }),
    chips: chipsOf(stuck),
  };
}
