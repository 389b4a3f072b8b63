import { UNLISTED_KIT, type Kit } from '../../facts/kit/index.ts';
import { FULL_RACK, type Rack } from '../../facts/drills/index.ts';
import type { ParentMaterial } from '../../facts/materials/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import type { Drive } from '../../judge/hole/index.ts';
import type { MeansId } from './Means.ts';

/** The face of the break: it decides where a drill starts. */
export const BREAK_FACES = [
  { id: 'flat', name: 'flat' },
  { id: 'sloped', name: 'sloped or ragged' },
  { id: 'dimple', name: 'a true old centre in it' },
  { id: 'off-centre', name: 'an old hole off its centre' },
] as const;
export type BreakFace = (typeof BREAK_FACES)[number]['id'];

/** Where the part is while it is worked on. */
export const ACCESSES = [
  { id: 'bench', name: 'on the bench' },
  { id: 'in-place', name: 'in place' },
] as const;
export type Access = (typeof ACCESSES)[number]['id'];

/** What was tried on it so far, oldest first. */
export interface TriedMeans {
  means: MeansId;
  outcome: 'freed' | 'moved' | 'nothing' | 'worse';
}

/** What sticks in the hole and how. Lengths in mm; null: nobody knows. */
export interface StuckCase {
  what: 'screw' | 'stud' | 'plug' | 'dowel' | 'tap' | 'extractor' | 'coil';
  /** The hole's thread; a dowel or plain plug has its diameter. */
  thread: Thread;
  parent: ParentMaterial;
  /** Hardness of what is stuck: taps and extractors are hard, 12.9 screws too. */
  hard: boolean;
  stainless: boolean;
  /** Above the face when positive, below it when negative, flush at 0. */
  proudMm: number | null;
  /** From the break to its far end. */
  lengthMm: number | null;
  /** How far the drilled centre is off its own, once it is measured. */
  offsetMm: number | null;
  face: BreakFace;
  drive: 'none' | 'damaged' | 'good';
  /** What kind of drive it had, where that is recorded. */
  driveKind: Drive | null;
  why: 'rust' | 'galled' | 'locker' | 'bottomed' | 'cross-threaded' | 'peened' | 'unknown';
  /** Hottest that what is near may get: seals, bearings, paint; null: nothing near. */
  nearLimitC: number | null;
  access: Access;
  /** Free height above the face and free room beside the axis. */
  headroomMm: number | null;
  sideRoomMm: number | null;
  through: boolean;
  tried: readonly TriedMeans[];
  rack: Rack;
  kit: Kit;
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
    stainless: false,
    proudMm: null,
    lengthMm: null,
    offsetMm: null,
    face: 'flat',
    drive: 'none',
    driveKind: null,
    why: 'unknown',
    nearLimitC: null,
    access: 'bench',
    headroomMm: null,
    sideRoomMm: null,
    through: false,
    tried: [],
    rack: FULL_RACK,
    kit: UNLISTED_KIT,
  };
}
