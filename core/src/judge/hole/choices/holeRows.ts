import { FIT_CLASSES } from '../../../facts/threads/index.ts';
import { EARLIER_REPAIRS, WAY_IDS, WAYS } from '../../../facts/ways/index.ts';
import { same, type ChoiceRow } from './ChoiceRow.ts';
import { STUCK_THINGS } from './freeingRows.ts';

/**
 * What stands where a drill, a chip or a screw's end comes out, or would; what it is called in a sentence, and the names that
 * people give it. Any other name is of something that a drill must not meet.
 */
export const BEHINDS = [
  { id: 'nothing', name: 'nothing but metal or free air', called: 'nothing', names: ['nothing'] },
  { id: 'closed', name: 'a closed space: engine, gearbox, cylinder, tank', called: 'space behind', names: [] },
  { id: 'liquid', name: 'a liquid', called: 'liquid', names: ['water', 'oil'] },
  { id: 'pressure', name: 'pressure', called: 'pressure', names: ['pressure'] },
] as const;
export type Behind = (typeof BEHINDS)[number]['id'];

/** What became of a wire coil that was put in once. */
export const COIL_STATES = [
  { id: 'in', name: 'still in' },
  { id: 'out-sound', name: 'out; the insert tap runs through by hand without cutting' },
  { id: 'out-metal', name: 'spun or pulled out with metal' },
] as const;

const BEYOND_AN_EDGE = ['edge', 'water side', 'oil side', 'next hole', 'crank space', 'wiring'] as const;

/** What is chosen about the hole itself: its thread and metal, what is beside, behind and in it, and what was done to it. */
export const HOLE_ROWS = [
  { id: 'threadId', label: 'Thread as made', kind: 'row', of: 'thread', most: 40, usual: null, needed: true },
  {
    id: 'fitClass',
    label: 'Class of fit',
    kind: 'options',
    options: same(...FIT_CLASSES),
    usual: null,
    none: 'the usual',
    inHole: 'fitClass',
  },
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
  {
    id: 'strippedThroughout',
    label: 'stripped throughout',
    kind: 'flag',
    usual: false,
    inHole: 'strippedThroughout',
  },
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
    id: 'edgeName',
    label: 'Beyond that edge',
    kind: 'text',
    most: 60,
    usual: 'edge',
    offered: BEYOND_AN_EDGE,
    inHole: 'edgeName',
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
  { id: 'edge2Name', label: 'Beyond that', kind: 'text', most: 60, usual: 'second edge', offered: BEYOND_AN_EDGE },
  {
    id: 'behind',
    label: 'What lies behind it',
    kind: 'options',
    options: BEHINDS,
    usual: null,
    none: 'not looked',
    inHole: 'behind',
    inFree: 'behind',
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
    id: 'partCost',
    label: 'A new part costs',
    kind: 'number',
    min: 0,
    max: 10_000_000,
    unit: '',
    usual: null,
    inHole: 'partCost',
  },
] as const satisfies readonly ChoiceRow[];
