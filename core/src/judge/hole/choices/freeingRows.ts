import { same, type ChoiceRow } from './ChoiceRow.ts';

/** How the drill is started, and how far off centre that leaves it: one standard deviation an axis, mm (our estimate). */
export const STARTS = [
  { id: 'punched', name: 'punched by eye', sigmaMm: 0.3 },
  { id: 'block', name: 'block located from neighbours', sigmaMm: 0.15 },
  { id: 'true-centre', name: 'centre drill in a true centre', sigmaMm: 0.08 },
  { id: 'bush', name: 'bush over the hole', sigmaMm: 0.075 },
] as const;
export type StartId = (typeof STARTS)[number]['id'];

/** What keeps the drill square: tilt, one standard deviation an axis, degrees (our estimate). */
export const HOLDS = [
  { id: 'freehand', name: 'freehand by eye', sigmaDeg: 1.5 },
  { id: 'square', name: 'freehand, square beside it', sigmaDeg: 0.8 },
  { id: 'guide', name: 'guide block', sigmaDeg: 0.25 },
  { id: 'bench-drill', name: 'bench drill', sigmaDeg: 0.15 },
  { id: 'mill', name: 'located mill', sigmaDeg: 0.05 },
] as const;
export type HoldId = (typeof HOLDS)[number]['id'];

/** What may be stuck in a hole. */
export const STUCK_THINGS = [
  { id: 'screw', name: 'screw' },
  { id: 'stud', name: 'stud' },
  { id: 'plug', name: 'plug' },
  { id: 'dowel', name: 'dowel' },
  { id: 'tap', name: 'tap' },
  { id: 'extractor', name: 'extractor' },
  { id: 'coil', name: 'coil' },
] as const;
export type StuckThing = (typeof STUCK_THINGS)[number]['id'];

/** The face of the break: it decides where a drill starts. */
export const BREAK_FACES = [
  { id: 'flat', name: 'flat' },
  { id: 'sloped', name: 'sloped or ragged' },
  { id: 'dimple', name: 'a true old centre in it' },
  { id: 'off-centre', name: 'an old hole off its centre' },
] as const;

/** Where the part is while it is worked on. */
export const ACCESSES = [
  { id: 'bench', name: 'on the bench' },
  { id: 'in-place', name: 'in place' },
] as const;

/** What is chosen about the thing that is stuck, and how it is drilled. */
export const FREEING_ROWS = [
  {
    id: 'stuckDrive',
    label: 'Its drive',
    kind: 'options',
    options: [
      { id: 'none', name: 'none left' },
      { id: 'damaged', name: 'damaged' },
      { id: 'good', name: 'good' },
    ],
    usual: 'none',
    asked: 'stuck',
    inFree: 'drive',
  },
  {
    id: 'stuckWhy',
    label: 'Why it sticks',
    kind: 'options',
    options: [
      { id: 'unknown', name: 'not known' },
      ...same('rust', 'galled'),
      { id: 'locker', name: 'thread locker' },
      ...same('bottomed', 'cross-threaded', 'peened'),
    ],
    usual: 'unknown',
    asked: 'stuck',
    inFree: 'why',
  },
  {
    id: 'stuckBehind',
    label: 'Pressure, spring, load or fuel behind it',
    kind: 'options',
    options: [
      { id: 'none', name: 'none' },
      { id: 'released', name: 'released, drained, vented, supported' },
      { id: 'there', name: 'still there' },
    ],
    usual: null,
    none: 'not looked',
    asked: 'stuck',
    inFree: 'behindIt',
  },
  { id: 'stuckHard', label: 'too hard to drill', kind: 'flag', usual: null, asked: 'stuck', inFree: 'hard' },
  { id: 'stuckStainless', label: 'stainless', kind: 'flag', usual: null, asked: 'stuck', inFree: 'stainless' },
  {
    id: 'nearLimitC',
    label: 'Seals or the like near it stand (rubber about 100)',
    kind: 'number',
    min: 0,
    max: 1000,
    unit: '°C',
    usual: null,
    asked: 'stuck',
    inFree: 'nearLimitC',
  },
  {
    id: 'coreStart',
    label: 'The drill starts',
    kind: 'options',
    options: STARTS,
    usual: 'punched',
    asked: 'stuck',
    inFree: 'start',
  },
  {
    id: 'coreHold',
    label: 'It is kept square by',
    kind: 'options',
    options: HOLDS,
    usual: 'freehand',
    asked: 'stuck',
    inFree: 'hold',
  },
  {
    id: 'coreLimit',
    label: 'The parent’s thread is',
    kind: 'options',
    options: [
      { id: 'nominal', name: 'as designed' },
      { id: 'class', name: 'bored to its class limit' },
    ],
    usual: 'nominal',
    asked: 'stuck',
    inFree: 'limit',
  },
  {
    id: 'stuckFace',
    label: 'Its face is',
    kind: 'options',
    options: BREAK_FACES,
    usual: 'flat',
    asked: 'stuck',
    inFree: 'face',
  },
  {
    id: 'keepShellMm',
    label: 'Shell to keep, each side',
    kind: 'number',
    min: 0,
    max: 10,
    unit: 'mm',
    usual: null,
    asked: 'stuck',
    inFree: 'keepShellMm',
  },
  {
    id: 'keepFloorMm',
    label: 'Metal to keep under the drill',
    kind: 'number',
    min: 0,
    max: 100,
    unit: 'mm',
    usual: null,
    asked: 'stuck',
    inFree: 'keepFloorMm',
  },
  {
    id: 'keepWallMm',
    label: 'Wall to keep to what is beside it',
    kind: 'number',
    min: 0,
    max: 100,
    unit: 'mm',
    usual: null,
    asked: 'stuck',
    inFree: 'keepWallMm',
  },
  {
    id: 'access',
    label: 'The part is',
    kind: 'options',
    options: ACCESSES,
    usual: 'bench',
    inHole: 'work.access',
    inFree: 'access',
  },
] as const satisfies readonly ChoiceRow[];
