import type { HoleCase } from '../judge/hole/index.ts';
import { holeCase } from './holeCase.ts';

const at = (mm: number, halfWidthMm = 0) => ({ mm, halfWidthMm });
const blind = (mm: number, halfWidthMm = 0) => ({ kind: 'blind' as const, depth: at(mm, halfWidthMm) });
const stripped = (mm: number) => ({ damageTo: at(mm), strippedThroughout: true });

/** Whole cases whose proposals are held in proposals.json: a change there is a change of method. */
export const GOLDEN_CASES: Record<string, HoleCase> = {
  'case 1, M8 through in cast aluminium': holeCase(),
  'case 2, 5/16-18 blind in grey iron': holeCase({
    threadId: '5/16-18',
    parentId: 'grey-iron',
    ...blind(17),
    ...stripped(17),
    joint: { fastenerClassId: 'grade-5' },
  }),
  'case 3, M6 in magnesium, edge in doubt': holeCase({
    threadId: 'M6x1',
    parentId: 'magnesium-cast',
    edge: at(5.2, 0.1),
  }),
  'case 3, edge measured better': holeCase({ threadId: 'M6x1', parentId: 'magnesium-cast', edge: at(5.4, 0.05) }),
  'oval bore in bronze': holeCase({
    threadId: '1/2-13',
    parentId: 'bronze',
    depth: at(30),
    damageTo: at(30),
    strippedThroughout: true,
    bore: { aMm: 13.1, bMm: 12.4, halfWidthMm: 0.05 },
    joint: { fastenerClassId: null, mateHole: null },
  }),
  'M6 in a 3 mm flange': holeCase({
    threadId: 'M6x1',
    parentId: 'aluminium-6xxx',
    depth: at(3),
    ...stripped(3),
    edge: at(12),
    joint: { mateHole: at(6.6) },
  }),
  'drain plug with little wall': holeCase({
    threadId: 'M14x1.5',
    parentId: 'aluminium-sand-cast',
    depth: at(14),
    ...stripped(14),
    edge: at(9.6, 0.05),
    joint: { fastenerClassId: null },
  }),
  'M10 10.9 blind in grey iron': holeCase({
    threadId: 'M10x1.5',
    parentId: 'grey-iron',
    ...blind(36, 0.3),
    ...stripped(36),
    edge: at(18, 0.3),
    joint: { fastenerClassId: '10.9' },
  }),
  'M12 in alloy steel, tough': holeCase({
    threadId: 'M12x1.75',
    parentId: 'alloy-steel',
    ...blind(30),
    ...stripped(30),
    joint: { fastenerClassId: '12.9', mateHole: at(13.5) },
  }),
  'M5 in brass, preload static': holeCase({
    threadId: 'M5x0.8',
    parentId: 'brass',
    depth: at(10),
    damageTo: at(4),
    joint: { demand: { mode: 'preload', torqueNm: 4, friction: 'oiled', load: 'static' }, mateHole: at(5.5) },
  }),
  'M8 in zinc, preload pulsating': holeCase({
    parentId: 'zinc-die-cast',
    joint: { demand: { mode: 'preload', torqueNm: 15, friction: 'dry', load: 'pulsating' } },
  }),
  'a torque over proof': holeCase({
    joint: { demand: { mode: 'preload', torqueNm: 60, friction: 'anti-seize', load: 'static' } },
  }),
  'a coil that came out': holeCase({ earlierCutMm: 9.624, earlierRepair: 'wire-coil', ...stripped(20) }),
  'left hand in cast steel': holeCase({
    threadId: 'M16x2 LH',
    parentId: 'cast-steel',
    depth: at(40),
    damageTo: at(10),
    edge: at(40),
  }),
  'everything else unknown': holeCase({
    parentId: 'ductile-iron',
    edge: null,
    joint: { fastenerClassId: null, screwReach: null, mateHole: null },
  }),
  'short screw in sound metal': holeCase({ parentId: 'ductile-iron', joint: { screwReach: at(12, 0.1) } }),
  'plastic, short screw': holeCase({
    parentId: 'engineering-plastic',
    joint: { screwReach: at(12), fastenerClassId: '4.6' },
  }),
  'stainless screw in 7xxx': holeCase({
    parentId: 'aluminium-7xxx',
    parentTensileMpa: 500,
    joint: { fastenerClassId: 'A2-70' },
  }),
  'house rule of the 75 % chart, one metric set': holeCase({
    rules: { tapDrill: 'chart-75', coilSetDownTurns: 0.25, tapNames: 'lead-threads' },
    rack: { setIds: ['metric-halves'], missingIds: ['8.5 mm'] },
  }),
};
