import { WAY_IDS, WAYS, EARLIER_REPAIRS } from '../../facts/ways/index.ts';
import { ACCESSES, BREAK_FACES, HOLDS, STARTS, STUCK_THINGS } from './freeingChoices.ts';
import { BEHINDS, COIL_STATES, HURT_KINDS, SCREWED_IN } from './jointChoices.ts';

interface Option {
  readonly id: string;
  readonly name: string;
}

/** What every choice has: its id, its words on a screen, and where the planner's request names it. */
interface Common {
  readonly id: string;
  readonly label: string;
  /** What must be so before it is asked for; left out: always. */
  readonly asked?: 'stuck' | 'preload' | 'failed' | 'can-hurt' | 'under-code';
  /** Without it there is no case: once answered it is never emptied. */
  readonly needed?: true;
  /** Its place in the request about a hole, and in the one about freeing; left out: not in it. */
  readonly inHole?: string;
  readonly inFree?: string;
}

/** One choice that a person makes about a hole: what it may be, and what it is taken as until someone says so. */
export type ChoiceRow = Common &
  (
    | {
        readonly kind: 'options';
        readonly options: readonly Option[];
        /** Null: nobody knows. */
        readonly usual: string | null;
        /** May go back to nothing, in these words. */
        readonly none?: string;
      }
    | { readonly kind: 'flag'; readonly usual: boolean | null }
    | {
        readonly kind: 'number';
        readonly min: number;
        readonly max: number;
        readonly unit: string;
        readonly usual: null;
      }
    | { readonly kind: 'text'; readonly most: number; readonly usual: string; readonly offered: readonly string[] }
    /** A row of a table of facts, by its id. */
    | {
        readonly kind: 'row';
        readonly of: 'thread' | 'parent' | 'fastener-class';
        readonly most: number;
        readonly usual: null;
        readonly none?: string;
      }
  );

const same = <const Ids extends readonly string[]>(...ids: Ids) =>
  ids.map((id) => ({ id, name: id })) as unknown as { [I in keyof Ids]: { id: Ids[I]; name: Ids[I] } };
const BEYOND_AN_EDGE = ['edge', 'water side', 'oil side', 'next hole', 'crank space', 'wiring'] as const;

/**
 * Every choice about a hole: types, the shapes that cross a border, the planner's request, defaults and the options on a
 * screen follow from these rows. `usual` is what it is taken as until someone says otherwise; null: nobody knows, or it
 * follows from what else is known.
 */
export const CHOICES = [
  { id: 'threadId', label: 'Thread as made', kind: 'row', of: 'thread', most: 40, usual: null, needed: true },
  {
    id: 'parentId',
    label: 'Cut in',
    kind: 'row',
    of: 'parent',
    most: 60,
    usual: null,
    needed: true,
    none: 'choose the material',
  },
  {
    id: 'parentTensileMpa',
    label: 'Tensile strength of the parent, if known',
    kind: 'number',
    min: 10,
    max: 3000,
    unit: 'MPa',
    usual: null,
    inHole: 'parentTensileMpa',
  },
  {
    id: 'kind',
    label: 'The hole is',
    kind: 'options',
    options: same('through', 'blind'),
    usual: null,
    needed: true,
    none: 'through or blind?',
  },
  {
    id: 'strippedThroughout',
    label: 'stripped throughout',
    kind: 'flag',
    usual: false,
    inHole: 'strippedThroughout',
  },
  {
    id: 'edgeName',
    label: 'Beyond that edge',
    kind: 'text',
    most: 60,
    usual: 'edge',
    offered: BEYOND_AN_EDGE,
    inHole: 'edgeName',
  },
  {
    id: 'fastenerClassId',
    label: 'Screw',
    kind: 'row',
    of: 'fastener-class',
    most: 20,
    usual: null,
    none: 'strength not known',
    inHole: 'joint.fastenerClass',
  },
  {
    id: 'demandMode',
    label: 'Must carry',
    kind: 'options',
    options: [
      { id: 'as-made', name: 'what the same hole carried new' },
      { id: 'fastener-first', name: 'full strength of the screw' },
      { id: 'preload', name: 'the preload of a torque' },
      { id: 'to-yield', name: 'a screw tightened by angle or to yield' },
    ],
    usual: 'as-made',
    inHole: 'joint.mustCarry',
  },
  {
    id: 'cause',
    label: 'Why it failed',
    kind: 'options',
    options: [
      { id: 'unknown', name: 'not known' },
      ...same('overtightened', 'worn', 'corroded', 'cross-threaded'),
      { id: 'too-weak', name: 'the thread was too weak' },
      { id: 'too-short', name: 'the screw was too short' },
    ],
    usual: 'unknown',
    inHole: 'joint.cause',
  },
  {
    id: 'screwedIn',
    label: 'What is screwed in',
    kind: 'options',
    options: SCREWED_IN,
    usual: null,
    none: 'taken as a screw',
    inHole: 'joint.screwedIn',
  },
  {
    id: 'runningTorqueNm',
    label: 'Running torque of a locking coil',
    kind: 'number',
    min: 0.01,
    max: 500,
    unit: 'Nm',
    usual: null,
    asked: 'preload',
    inHole: 'joint.runningTorqueNm',
  },
  {
    id: 'torqueNm',
    label: 'Torque',
    kind: 'number',
    min: 0.01,
    max: 5000,
    unit: 'Nm',
    usual: null,
    asked: 'preload',
    inHole: 'joint.torqueNm',
  },
  {
    id: 'friction',
    label: 'Thread when tightened',
    kind: 'options',
    options: [...same('dry', 'oiled', 'anti-seize'), { id: 'unknown', name: 'not known' }],
    usual: 'unknown',
    asked: 'preload',
    inHole: 'joint.friction',
  },
  {
    id: 'load',
    label: 'Load',
    kind: 'options',
    options: same('static', 'pulsating'),
    usual: 'static',
    asked: 'preload',
    inHole: 'joint.load',
  },
  {
    id: 'duty',
    label: 'If this one thread lets go',
    kind: 'options',
    options: [
      { id: 'ordinary', name: 'nothing much' },
      { id: 'leak-or-damage', name: 'stops or drips' },
      { id: 'can-hurt', name: 'someone can be hurt' },
      { id: 'under-code', name: 'it is under a code (gas or steam above 0.5 bar in a vessel is)' },
    ],
    usual: 'ordinary',
    inHole: 'duty',
  },
  {
    id: 'hurtKind',
    label: 'What it holds',
    kind: 'options',
    options: HURT_KINDS,
    usual: null,
    none: 'kind not said',
    asked: 'can-hurt',
    inHole: 'hurtKind',
  },
  {
    id: 'codeName',
    label: 'Which code',
    kind: 'text',
    most: 120,
    usual: '',
    offered: [],
    asked: 'under-code',
    inHole: 'codeName',
  },
  { id: 'doNotUse', label: 'do not use this hole', kind: 'flag', usual: false },
  {
    id: 'axis',
    label: 'Clean up round',
    kind: 'options',
    options: [
      { id: 'true', name: 'the true axis' },
      { id: 'own', name: 'the bore’s own axis' },
    ],
    usual: 'true',
    inHole: 'axis',
  },
  {
    id: 'metalBeside',
    label: 'Metal beside it, all round',
    kind: 'options',
    options: [{ id: 'one-d', name: 'at least a screw’s diameter wide' }],
    usual: null,
    none: 'not looked at',
    inHole: 'metalBeside',
  },
  {
    id: 'depthBy',
    label: 'The depth was read',
    kind: 'options',
    options: [
      { id: 'shoulder', name: 'to the shoulder' },
      { id: 'point', name: 'to the drill’s point, with a rod at the centre' },
    ],
    usual: 'shoulder',
    inHole: 'depthBy',
  },
  { id: 'edge2Name', label: 'Beyond that', kind: 'text', most: 60, usual: 'second edge', offered: BEYOND_AN_EDGE },
  {
    id: 'behind',
    label: 'What lies behind it',
    kind: 'options',
    options: BEHINDS,
    usual: null,
    none: 'not looked',
    inHole: 'behind',
  },
  {
    id: 'floorName',
    label: 'What it is called',
    kind: 'text',
    most: 60,
    usual: '',
    offered: ['water', 'oil', 'crank space', 'another hole', 'wiring', 'pressure'],
    inHole: 'floorName',
  },
  {
    id: 'crack',
    label: 'Cracks',
    kind: 'options',
    options: [
      { id: 'none', name: 'none seen' },
      { id: 'near', name: 'one is near' },
      { id: 'reaches', name: 'one reaches the hole' },
    ],
    usual: null,
    none: 'not looked for',
    inHole: 'crack',
  },
  {
    id: 'stuck',
    label: 'Stuck in it',
    kind: 'options',
    options: [{ id: 'none', name: 'nothing' }, ...STUCK_THINGS],
    usual: 'none',
    inHole: 'stuck',
  },
  {
    id: 'earlierRepair',
    label: 'It already holds',
    kind: 'options',
    options: [{ id: 'none', name: 'no coil, bush or plug' }, ...EARLIER_REPAIRS],
    usual: null,
    none: 'not looked',
    inHole: 'earlierRepair',
  },
  {
    id: 'coilState',
    label: 'That coil',
    kind: 'options',
    options: COIL_STATES,
    usual: null,
    none: 'still in, as far as known',
    inHole: 'coilState',
  },
  {
    id: 'failedMethod',
    label: 'Tried and failed',
    kind: 'options',
    options: WAY_IDS.map((id) => ({ id, name: WAYS[id].name })),
    usual: null,
    none: 'nothing',
  },
  {
    id: 'failedCausePresent',
    label: 'what made it fail is still there',
    kind: 'flag',
    usual: true,
    asked: 'failed',
  },
  {
    id: 'mateMayBeOpened',
    label: 'the mating part may be opened',
    kind: 'flag',
    usual: true,
    inHole: 'joint.mateMayBeOpened',
  },
  {
    id: 'serviceC',
    label: 'In service at',
    kind: 'number',
    min: -100,
    max: 1000,
    unit: '°C',
    usual: null,
    inHole: 'joint.serviceC',
  },
  {
    id: 'nearHeat',
    label: 'Exhaust, engine, brake or heater near it',
    kind: 'options',
    options: [
      { id: 'away', name: 'none near' },
      { id: 'near', name: 'one is near' },
    ],
    usual: null,
    none: 'taken as none near',
    inHole: 'joint.nearHeat',
  },
  {
    id: 'pressureBar',
    label: 'Pressure behind it',
    kind: 'number',
    min: 0.01,
    max: 5000,
    unit: 'bar',
    usual: null,
    inHole: 'joint.pressureBar',
  },
  {
    id: 'partCost',
    label: 'A new part costs',
    kind: 'number',
    min: 0,
    max: 10_000_000,
    unit: '',
    usual: null,
    inHole: 'partCost',
  },
  {
    id: 'sealing',
    label: 'Must keep tight against',
    kind: 'options',
    options: [{ id: 'none', name: 'nothing' }, ...same('oil', 'water', 'pressure')],
    usual: 'none',
    inHole: 'joint.sealing',
  },
  {
    id: 'undone',
    label: 'It is undone',
    kind: 'options',
    options: same('rarely', 'often'),
    usual: 'rarely',
    inHole: 'joint.undone',
  },
  { id: 'backReached', label: 'the back can be reached', kind: 'flag', usual: false, inHole: 'joint.backReached' },
  { id: 'appearance', label: 'it must not look mended', kind: 'flag', usual: false, inHole: 'joint.appearance' },
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
    id: 'access',
    label: 'The part is',
    kind: 'options',
    options: ACCESSES,
    usual: 'bench',
    asked: 'stuck',
    inFree: 'access',
  },
  {
    id: 'drive',
    label: 'Head and drive',
    kind: 'options',
    options: [
      { id: 'hex-head', name: 'hexagon head' },
      { id: 'socket-head', name: 'socket head, hex key' },
      { id: 'six-lobe', name: 'six-lobe' },
      { id: 'cross-recess', name: 'cross-recess' },
      { id: 'slotted', name: 'slotted' },
      { id: 'stud', name: 'stud with nut' },
    ],
    usual: null,
    none: 'not noted',
    inHole: 'joint.drive',
  },
] as const satisfies readonly ChoiceRow[];

type Rows = (typeof CHOICES)[number];
export type ChoiceId = Rows['id'];

/** Null where a choice may go back to nothing. */
type Emptied<Row> = Row extends { needed: true }
  ? never
  : Row extends { kind: 'number' } | { none: string }
    ? null
    : never;
type ValueOf<Row> =
  | (Row extends { kind: 'options'; options: readonly { id: infer Id }[] }
      ? Id
      : Row extends { kind: 'flag' }
        ? boolean
        : Row extends { kind: 'number' }
          ? number
          : string)
  | Emptied<Row>;

/** Choices about a hole that a person makes; the last one counts. */
export type HoleChoices = { [Row in Rows as Row['id']]: ValueOf<Row> };

/** Whether a choice may go back to nothing. @example mayBeEmptied(choiceRow('drive')) // true */
export const mayBeEmptied = (row: ChoiceRow): boolean =>
  row.needed !== true && (row.kind === 'number' || ('none' in row && row.none !== undefined));

export const choiceRow = <Id extends ChoiceId>(id: Id): ChoiceRow => CHOICES.find((row) => row.id === id)!;

type Usual = { [Row in Rows as Row['id']]: Row['usual'] };
const USUAL = Object.fromEntries(CHOICES.map((row) => [row.id, row.usual])) as Usual;

/**
 * A choice as it stands, else what it is taken as until someone says so. An emptied text counts as never given.
 * @example choiceOf({}, 'duty') // 'ordinary'
 */
export function choiceOf<Id extends ChoiceId>(
  choices: Partial<HoleChoices>,
  id: Id,
): HoleChoices[Id] | (null extends Usual[Id] ? null : never) {
  const chosen = choices[id];
  return (chosen === undefined || chosen === '' ? USUAL[id] : chosen) as HoleChoices[Id];
}

/** Whether a choice is asked for, by what is chosen so far. @example isAsked('torqueNm', {}) // false */
export function isAsked(id: ChoiceId, choices: Partial<HoleChoices>): boolean {
  switch (choiceRow(id).asked) {
    case 'stuck':
      return choiceOf(choices, 'stuck') !== 'none';
    case 'preload':
      return choiceOf(choices, 'demandMode') === 'preload';
    case 'failed':
      return choiceOf(choices, 'failedMethod') !== null;
    case 'can-hurt':
      return choiceOf(choices, 'duty') === 'can-hurt';
    case 'under-code':
      return choiceOf(choices, 'duty') === 'under-code';
    default:
      return true;
  }
}
