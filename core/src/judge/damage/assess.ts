import type { Working } from '../../basis/checks/index.ts';
import type { HoleCase, Measured } from '../hole/index.ts';
import { cleanUpRoundAxisMm } from './ellipse.ts';

/** A safe assumption that stands in for a reading. */
export type Assumed = keyof typeof ASSUMED_WORDS;

/** A length that was read, or worked out from what was; `assumed` names what stands in for a reading. */
export interface Found extends Measured {
  assumed?: Assumed;
}

/** What the readings say about a hole. Lengths in mm from the face. */
export interface Assessment {
  /** Where full thread ends: the thickness, or above the shoulder by the run-out of the tap that made it. */
  threadEnd: Found;
  /** Sound thread left between the damage and the thread's end. */
  sound: Measured;
  /** Diameter that cleans up the bore round the axis wanted, with the readings' doubt. */
  cleanUp: Found;
  /** The same round the axis where the hole was made, and round the bore's own; equal without an offset. */
  cleanUpTrueMm: number;
  cleanUpOwnMm: number;
  /** The old bore is off the axis wanted and would pull a twist drill with it: it needs a bush, boring or milling. */
  guidesAstray: boolean;
  /** Outermost diameter cut so far: where the ladder starts. */
  outermostCutMm: number;
  /** Wall from the outermost cut to the edge, if the edge is known. */
  wall: Measured | null;
}

/** A bore this far off its axis pulls a twist drill with it (our estimate). */
const GUIDES_ASTRAY_OVER_MM = 0.1;

/** A blind thread is taken to end this many pitches above the shoulder: a second tap's lead of 3 to 5 threads. */
const BLIND_RUN_OUT_PITCHES = 4;

const ASSUMED_WORDS = {
  'run-out': `thread taken to end ${BLIND_RUN_OUT_PITCHES} pitches above the shoulder`,
  stripped: 'bore not measured: taken as stripped to the outermost cut',
} as const;

/** @example assumedWords('stripped') // 'bore not measured: taken as stripped to the outermost cut' */
export const assumedWords = (assumed: Assumed): string => ASSUMED_WORDS[assumed];

/**
 * Clean-up diameter of a bore worn to a slot, round the true axis: twice the way to the centre of its farther end, and its
 * width. Null: it is no slot.
 */
function slotCleanUpMm({ slotEnd, bore, thread }: HoleCase): number | null {
  if (slotEnd === null) return null;
  return 2 * slotEnd.mm + Math.min(bore?.aMm ?? thread.majorMm, bore?.bMm ?? thread.majorMm);
}

/**
 * Judges the damage from the readings (docs/methods.md, Damage and metal). An unmeasured bore is taken as stripped to the thread's
 * major diameter, which is the worst a screw of that thread leaves.
 * Worked: M8, through 20 mm, stripped to 9 mm: 11 mm of sound thread.
 */
export function assess(hole: HoleCase): Assessment {
  const { thread, depth, damageTo } = hole;
  const threadEnd: Found =
    hole.kind === 'through'
      ? depth
      : {
          mm: Math.max(0, depth.mm - BLIND_RUN_OUT_PITCHES * thread.pitchMm),
          halfWidthMm: Math.max(depth.halfWidthMm, thread.pitchMm),
          assumed: 'run-out',
        };
  const soundMm = hole.strippedThroughout ? 0 : Math.max(0, threadEnd.mm - damageTo.mm);
  const sound: Measured = {
    mm: soundMm,
    halfWidthMm: soundMm === 0 ? 0 : Math.hypot(threadEnd.halfWidthMm, damageTo.halfWidthMm),
  };
  const outermostCutMm = Math.max(thread.majorMm, hole.earlierCutMm ?? 0);
  const offset = hole.boreOffset ?? { alongMm: 0, acrossMm: 0, halfWidthMm: 0 };
  const slotMm = slotCleanUpMm(hole);
  const cleanUpOwnMm = hole.bore ? Math.max(hole.bore.aMm, hole.bore.bMm) : outermostCutMm;
  const cleanUpTrueMm = Math.max(
    slotMm ?? 0,
    hole.bore ? cleanUpRoundAxisMm({ ...hole.bore, ...offset }) : outermostCutMm,
  );
  const onTrueAxis = hole.axis === 'true';
  const cleanUp: Found = hole.bore
    ? {
        mm: onTrueAxis ? cleanUpTrueMm : cleanUpOwnMm,
        // An offset's doubt counts twice on the diameter.
        halfWidthMm: onTrueAxis
          ? Math.hypot(hole.bore.halfWidthMm, 2 * Math.max(offset.halfWidthMm, hole.slotEnd?.halfWidthMm ?? 0))
          : hole.bore.halfWidthMm,
      }
    : {
        mm: onTrueAxis ? cleanUpTrueMm : outermostCutMm,
        halfWidthMm: onTrueAxis && hole.slotEnd ? 2 * hole.slotEnd.halfWidthMm : 0,
        assumed: 'stripped',
      };
  const wall = hole.edge ? { mm: hole.edge.mm - outermostCutMm / 2, halfWidthMm: hole.edge.halfWidthMm } : null;
  return {
    threadEnd,
    sound,
    cleanUp,
    cleanUpTrueMm,
    cleanUpOwnMm,
    guidesAstray:
      onTrueAxis &&
      Math.max(Math.hypot(offset.alongMm, offset.acrossMm), hole.slotEnd?.mm ?? 0) > GUIDES_ASTRAY_OVER_MM,
    outermostCutMm,
    wall,
  };
}

/** Numbers that the sound thread follows from. */
export type SoundFacts = {
  threadEndMm: number;
  assumed: Assumed | null;
  damageToMm: number;
  soundMm: number;
  halfWidthMm: number;
};

export const soundFacts = ({ threadEnd, sound }: Assessment, { damageTo }: HoleCase): SoundFacts => ({
  threadEndMm: threadEnd.mm,
  assumed: threadEnd.assumed ?? null,
  damageToMm: damageTo.mm,
  soundMm: sound.mm,
  halfWidthMm: sound.halfWidthMm,
});

/** Working of the sound thread left. */
export function soundWorking({ threadEndMm, assumed, damageToMm, soundMm, halfWidthMm }: SoundFacts): Working {
  return {
    title: 'Sound thread left',
    formula: 'sound = thread end − damage end, never under 0',
    symbols: [
      { symbol: 'thread end', meaning: 'where full thread ends', value: threadEndMm, unit: 'mm' },
      { symbol: 'damage end', meaning: 'where sound thread begins', value: damageToMm, unit: 'mm' },
    ],
    result: { symbol: 'sound', value: soundMm, unit: 'mm' },
    source: 'geometry; half-widths combine by root sum of squares',
    range: { low: Math.max(0, soundMm - halfWidthMm), high: soundMm + halfWidthMm },
    ...(assumed ? { notes: [assumedWords(assumed)] } : {}),
  };
}
