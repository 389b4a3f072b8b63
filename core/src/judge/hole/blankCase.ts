import { FULL_RACK } from '../../facts/drills/index.ts';
import { DEFAULT_HOUSE_RULES, type HoleCase, type Joint } from './HoleCase.ts';

type Needed = Pick<HoleCase, 'thread' | 'parent' | 'kind' | 'depth' | 'damageTo'>;

/**
 * A hole of which only the least is known: everything else is unknown, or ordinary, as the product takes it until someone
 * says otherwise.
 * @example blankCase({ thread: threadById('M8x1.25'), parent: parentById('grey-iron'), kind: 'through', depth: { mm: 20, halfWidthMm: 0 }, damageTo: { mm: 9, halfWidthMm: 0 } }).edge // null
 */
export function blankCase(
  known: Needed & Partial<Omit<HoleCase, keyof Needed | 'joint'>> & { joint?: Partial<Joint> },
): HoleCase {
  const { joint, ...rest } = known;
  return {
    parentTensileMpa: null,
    strippedThroughout: false,
    bore: null,
    boreOffset: null,
    axis: 'true',
    edge: null,
    edgeName: 'edge',
    limits: [],
    floor: null,
    floorName: 'nothing',
    leanPer50: null,
    crack: 'none',
    stuck: 'none',
    earlierCutMm: null,
    earlierRepair: null,
    failed: null,
    duty: 'ordinary',
    rules: DEFAULT_HOUSE_RULES,
    rack: FULL_RACK,
    ...rest,
    joint: {
      fastenerClassId: null,
      screwReach: null,
      mateHole: null,
      mateMayBeOpened: true,
      demand: { mode: 'fastener-first' },
      serviceC: null,
      sealing: 'none',
      undone: 'rarely',
      backReached: false,
      endRoom: null,
      grip: null,
      appearance: false,
      ...joint,
    },
  };
}
