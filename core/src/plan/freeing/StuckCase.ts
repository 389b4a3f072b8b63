import type { Machine } from '../../facts/machines/index.ts';
import { NOTHING_LISTED, type Owned } from '../../facts/owned/index.ts';
import { FULL_RACK, type Rack } from '../../facts/drills/index.ts';
import type { ParentMaterial } from '../../facts/materials/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import type { AttemptOutcome, MeansId } from '../../facts/means/index.ts';
import { choiceOf, type Behind, type HoleChoices, type StuckThing } from '../../judge/hole/index.ts';

/** What was tried on it so far, oldest first. */
export interface TriedMeans {
  means: MeansId;
  outcome: AttemptOutcome;
}

/** What sticks in the hole and how. Lengths in mm; null: nobody knows. */
export interface StuckCase {
  what: StuckThing;
  /** The hole's thread; a dowel or plain plug has its diameter. */
  thread: Thread;
  parent: ParentMaterial;
  /** Harder than any drill but carbide: taps and extractors are, and a hardened pin. */
  hard: boolean;
  /** Whether somebody tried a file on it, or what it is says so; an untried pin may be hardened. */
  hardnessKnown: boolean;
  stainless: boolean;
  /** Strength class of a stuck screw; null: nobody knows. */
  classId: string | null;
  /** Above the face when positive, below it when negative, flush at 0. */
  proudMm: number | null;
  /** From the break to its far end. */
  lengthMm: number | null;
  /** Shoulder of the hole from its face. */
  holeDepthMm: number | null;
  /** Axis to the nearest edge: a thin boss does not stand what wedges. */
  edgeMm: number | null;
  /** Bore that is drilled in it so far. */
  drilledMm: number | null;
  /** How far the drilled centre is off its own, once it is measured. */
  offsetMm: number | null;
  breakFace: HoleChoices['stuckFace'];
  drive: HoleChoices['stuckDrive'];
  /** What kind of drive it had, where that is recorded. */
  driveKind: HoleChoices['drive'];
  why: HoleChoices['stuckWhy'];
  /** Pressure, spring, load or fuel behind it, as somebody looked; null: nobody did. */
  behindIt: HoleChoices['stuckBehind'];
  /** What lies behind the hole; null: nobody looked. */
  behind: Behind | null;
  /** It opens into a cylinder. */
  cylinder: boolean;
  /** Hottest that what is near may get: seals, bearings, paint; null: nothing near. */
  nearLimitC: number | null;
  access: HoleChoices['access'];
  /** Free height above the face and free room beside the axis. */
  headroomMm: number | null;
  sideRoomMm: number | null;
  /** Metal that somebody wants to keep: shell on each side, under the drill, beside the hole; null: the usual. */
  keep: { shellMm: number | null; floorMm: number | null; wallMm: number | null };
  through: boolean;
  tried: readonly TriedMeans[];
  rack: Rack;
  owned: Owned;
  /** Machines of the shop, in the order in which they are taken. */
  machines: readonly Machine[];
}

/**
 * A stuck thing of which nothing more is known: flush, its face flat, no drive left. Taps and extractors are hard.
 * @example blankStuck('tap', threadById('M6x1'), parentById('grey-iron')).hard // true
 */
export function blankStuck(what: StuckCase['what'], thread: Thread, parent: ParentMaterial): StuckCase {
  return {
    what,
    thread,
    parent,
    hard: what === 'tap' || what === 'extractor',
    hardnessKnown: what !== 'dowel',
    stainless: false,
    classId: null,
    proudMm: null,
    lengthMm: null,
    holeDepthMm: null,
    edgeMm: null,
    drilledMm: null,
    offsetMm: null,
    breakFace: choiceOf({}, 'stuckFace'),
    drive: choiceOf({}, 'stuckDrive'),
    driveKind: null,
    why: choiceOf({}, 'stuckWhy'),
    behindIt: choiceOf({}, 'stuckBehind'),
    behind: choiceOf({}, 'behind'),
    cylinder: false,
    nearLimitC: null,
    access: choiceOf({}, 'access'),
    headroomMm: null,
    sideRoomMm: null,
    keep: { shellMm: null, floorMm: null, wallMm: null },
    through: false,
    tried: [],
    rack: FULL_RACK,
    owned: NOTHING_LISTED,
    machines: [],
  };
}
