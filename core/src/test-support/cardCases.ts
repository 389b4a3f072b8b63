import { WAY_IDS } from '../facts/ways/index.ts';
import { usualMachine } from '../facts/machines/index.ts';
import type { HoleCase } from '../judge/hole/index.ts';
import { DEFAULT_HOUSE_RULES } from '../judge/hole/index.ts';
import { weighCase } from '../pipeline.ts';
import type { Route } from '../plan/routes/index.ts';
import { GOLDEN_CASES } from './goldenCases.ts';
import { holeCase } from './holeCase.ts';

const at = (mm: number, halfWidthMm = 0) => ({ mm, halfWidthMm });
const stripped = (mm: number) => ({ damageTo: at(mm), strippedThroughout: true });

/** A shed with a bench drill of two speeds, a hand drill and a short list of tools. */
const SHED: HoleCase['rules'] = {
  ...DEFAULT_HOUSE_RULES,
  machines: [
    { ...usualMachine('bench-drill', 'b'), name: 'Old bench drill', speeds: { steps: [540, 950] } },
    usualMachine('hand-drill', 'h'),
  ],
  kit: { taps: [], coils: [], extractorDrillsMm: null, tools: ['punch', 'countersink'], fluids: ['light-oil'] },
  practice: { 'first-tap': 'taper', countersink: 'after', lubricant: 'at-hand', rhythm: 'turn' },
};

/** Cases that a card must get right beside one of each way. */
const SPECIAL: Readonly<Record<string, { hole: HoleCase; way: string }>> = {
  'blind, gearbox behind, floor known': {
    hole: holeCase({ kind: 'blind', depth: at(30), ...stripped(30), floor: at(42), behind: 'closed' }),
    way: 'wire-coil',
  },
  'left hand in cast steel': {
    hole: holeCase({ threadId: 'M16x2 LH', parentId: 'cast-steel', depth: at(40), damageTo: at(10), edge: at(40) }),
    way: 'wire-coil',
  },
  'power thread in a bronze nut': {
    hole: holeCase({
      threadId: 'Tr20x4',
      parentId: 'bronze',
      depth: at(40),
      damageTo: at(6),
      edge: at(60),
      joint: { screwedIn: 'power', mateHole: null, demand: { mode: 'as-made' } },
    }),
    way: 'clean-up',
  },
  'cast magnesium': { hole: holeCase({ parentId: 'magnesium-cast', ...stripped(20) }), way: 'wire-coil' },
  'spark plug, into the chamber': {
    hole: holeCase({
      threadId: 'M14x1.25',
      depth: at(19),
      ...stripped(19),
      behind: 'closed',
      joint: { screwedIn: 'spark-plug', fastenerClassId: null, mateHole: null, seat: at(21), serviceC: 150 },
    }),
    way: 'wire-coil',
  },
  'steering, to be released': {
    hole: holeCase({
      parentId: 'ductile-iron',
      ...stripped(20),
      duty: 'can-hurt',
      hurtKind: 'steers',
      joint: { demand: { mode: 'as-made' } },
    }),
    way: 'wire-coil',
  },
  'a freed stud, shell drilled out off its middle': {
    hole: holeCase({
      parentId: 'grey-iron',
      ...stripped(20),
      bore: { aMm: 7.6, bMm: 7.1, halfWidthMm: 0.05 },
      joint: { screwedIn: 'stud', demand: { mode: 'as-made' } },
    }),
    way: 'oversize',
  },
  'stainless in place, under a low beam': {
    hole: holeCase({
      parentId: 'austenitic-stainless',
      ...stripped(20),
      work: { access: 'in-place', headroomMm: 150, sideRoomMm: 10 },
      joint: { demand: { mode: 'as-made' } },
    }),
    way: 'oversize',
  },
  'a shed of few tools and settled ways, tall part': {
    hole: holeCase({
      ...stripped(20),
      rules: SHED,
      limits: [{ name: 'water side', mm: 14, halfWidthMm: 0.2 }],
      edge: at(14, 0.2),
      edgeName: 'water side',
      work: { access: 'bench', shape: 'splined', massKg: 3, heightMm: 300, near: 'food' },
    }),
    way: 'wire-coil',
  },
  'oval bronze pump cover': {
    hole: holeCase({
      threadId: '1/2-13',
      parentId: 'bronze',
      depth: at(30),
      ...stripped(30),
      bore: { aMm: 13.1, bMm: 12.4, halfWidthMm: 0 },
      edge: at(40),
      joint: { demand: { mode: 'as-made' } },
    }),
    way: 'oversize',
  },
};

const standing = (hole: HoleCase, way: string): Route | undefined =>
  weighCase(hole).routes.find(({ method, verdict }) => method === way && verdict !== 'does-not-hold');

/** One card of each way, from the first golden case in which it stands, and those that are special. */
export const cardCases = (): { label: string; hole: HoleCase; route: Route }[] => [
  ...WAY_IDS.map((way) => {
    const found = Object.entries(GOLDEN_CASES)
      .map(([label, hole]) => ({ label, hole, route: standing(hole, way) }))
      .find(({ route }) => route !== undefined);
    if (!found) throw new Error(`no golden case in which ${way} stands`);
    return { label: `${way}: ${found.label}`, hole: found.hole, route: found.route! };
  }),
  ...Object.entries(SPECIAL).map(([label, { hole, way }]) => {
    const route = standing(hole, way);
    if (!route)
      throw new Error(
        `${label}: ${way} does not stand; ${weighCase(hole)
          .routes.map(({ id, verdict }) => `${id} ${verdict}`)
          .join(', ')}`,
      );
    return { label, hole, route };
  }),
];
