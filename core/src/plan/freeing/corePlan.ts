import { positive, within } from '../../basis/numeric/index.ts';
import { rackDrills, type RackDrill } from '../../facts/drills/index.ts';
import { holdsShank } from '../../facts/machines/index.ts';
import { screwDrillSpeed, setSpeedRpm, speedOnMachine, suitsPlace } from '../cutting/index.ts';
import { chipsOf, type Chips } from './chips.ts';
import { coreDrill, looseShellMm, stiffShellMm, type CoreDrill, type CoreWindow } from './coreWindow.ts';
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

/** A first step thinner than this wanders and snaps: 2 mm, or this share of the thread where that is smaller. */
const FIRST_STEP = { mm: 2, d: 0.35 } as const;

/** A step this little larger than the one before is no step (our estimate). */
const WORTH_A_STEP = 1.1;

export interface CoreStep extends CoreDrill {
  drill: RackDrill;
  /** Speed in what is stuck, as a hand sets it. */
  speedRpm: number;
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

/** What the last drill leaves on its thick side: picked out, levered out, or too thick for either. */
export type ShellLeft = 'loose' | 'stiff' | 'thick';

export interface CorePlan {
  steps: CoreStep[];
  leaves: ShellLeft;
  /** Null where the fastener is too short to stop in. */
  depth: CoreDepth | null;
  chips: Chips;
}

/**
 * How deep a core drill may go: the fastener's length from the break, less its point (one pitch) and half a millimetre, or less
 * the floor that somebody keeps.
 * @example coreDepth({ lengthMm: 20, sunkMm: 6, pitchMm: 1.5, drillMm: 8 }).fromFaceMm // 24
 */
export function coreDepth(input: {
  lengthMm: number;
  sunkMm: number;
  pitchMm: number;
  drillMm: number;
  floorMm?: number | null;
}): CoreDepth | null {
  const { pitchMm } = input;
  const lengthMm = positive(input.lengthMm, 'length');
  const sunkMm = within(input.sunkMm, -1000, 1000, 'sunk');
  const fromBreakMm = lengthMm - (input.floorMm ?? POINT_PITCHES * pitchMm + MARGIN_MM);
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
  {
    rack,
    thread,
    classId,
    stainless,
    machines = [],
    access,
  }: Pick<StuckCase, 'rack' | 'thread' | 'classId' | 'stainless'> & Partial<Pick<StuckCase, 'machines' | 'access'>>,
): CoreStep[] {
  const leastMm = Math.min(FIRST_STEP.mm, FIRST_STEP.d * thread.majorMm);
  const drills = rackDrills(rack).filter(
    ({ diameterMm }) => diameterMm <= lastMm + 1e-9 && (diameterMm >= leastMm - 1e-9 || diameterMm >= lastMm - 1e-9),
  );
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
  // The last is what is wanted: of two that lie close together the one before it goes.
  const kept = taken.reduceRight<RackDrill[]>(
    (after, drill) =>
      after.length === 0 || WORTH_A_STEP * drill.diameterMm <= after[0]!.diameterMm ? [drill, ...after] : after,
    [],
  );
  const inPlace = access === 'in-place';
  // A screw that is drilled out hardens under a drill that runs too fast: hardly over, whatever the machine has.
  // Where every machine is too fast the speed that it wants stands there, not one that burns it.
  const speedSet = (wantedRpm: number, mm: number) =>
    machines
      .filter((one) => suitsPlace(one, inPlace) && holdsShank(one, mm))
      .map(({ speeds }) => speedOnMachine(wantedRpm, speeds, true))
      .find(({ state }) => state !== 'too-fast')?.speedRpm ?? setSpeedRpm(wantedRpm);
  return kept.map((drill) => ({
    drill,
    ...coreDrill(drill.diameterMm, window, offsetMm, rack.drilling),
    speedRpm: speedSet(screwDrillSpeed({ classId, stainless }, drill.diameterMm).speedRpm, drill.diameterMm),
  }));
}

/** Deepest stop of a fastener: by its length, else a diameter; and never nearer to the hole's bottom than a pitch or what is kept. */
function depthOf(
  { lengthMm, proudMm, thread, keep, holeDepthMm, through }: StuckCase,
  lastMm: number,
): CoreDepth | null {
  const sunkMm = -(proudMm ?? 0);
  const { pitchMm, majorMm } = thread;
  const usual =
    lengthMm === null
      ? stopAt(UNKNOWN_STOP_D * majorMm, { sunkMm, drillMm: lastMm, lengthKnown: false })
      : coreDepth({ lengthMm, sunkMm, pitchMm, drillMm: lastMm, floorMm: keep.floorMm });
  if (usual === null || holeDepthMm === null || through) return usual;
  const deepestMm = holeDepthMm - Math.max(POINT_PITCHES * pitchMm, keep.floorMm ?? 0) - sunkMm;
  if (deepestMm <= 0) return null;
  return deepestMm >= usual.fromBreakMm
    ? usual
    : stopAt(deepestMm, { sunkMm, drillMm: lastMm, lengthKnown: usual.lengthKnown });
}

/** @example shellLeft(undefined, { thread: threadById('M8x1.25') }) // 'thick' */
export function shellLeft(
  last: Pick<CoreStep, 'thickShellMm'> | undefined,
  { thread }: Pick<StuckCase, 'thread'>,
): ShellLeft {
  if (last === undefined || last.thickShellMm > stiffShellMm(thread.majorMm)) return 'thick';
  return last.thickShellMm > looseShellMm(thread.majorMm) ? 'stiff' : 'loose';
}

const LEFT_WORDS: Readonly<Record<ShellLeft, string>> = {
  loose: 'It leaves a shell that is picked out.',
  stiff: 'It leaves a stiff shell: a slot across it and a broad driver, or an extractor.',
  thick:
    'It leaves too thick a shell to peel: a better start or guide first. As it is, it only takes the tension out: then a slot and a driver, or an extractor.',
};
export const shellLeftWords = (left: ShellLeft): string => LEFT_WORDS[left];

/** The whole plan of a core drilling: steps to the last safe drill, how deep, and what the chips say. */
export function corePlan(stuck: StuckCase, window: CoreWindow, lastMm: number, offsetMm: number): CorePlan {
  const steps = coreSteps(lastMm, window, offsetMm, stuck);
  return { steps, leaves: shellLeft(steps.at(-1), stuck), depth: depthOf(stuck, lastMm), chips: chipsOf(stuck) };
}
