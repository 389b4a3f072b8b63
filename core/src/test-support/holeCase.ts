import { FULL_RACK } from '../facts/drills/index.ts';
import { parentById } from '../facts/materials/index.ts';
import { threadById } from '../facts/threads/index.ts';
import { DEFAULT_HOUSE_RULES, type HoleCase, type Joint, type Measured } from '../judge/hole/index.ts';

const exact = (mm: number): Measured => ({ mm, halfWidthMm: 0 });

/** A hole for a test: worked case 1 (M8 in heat-treated cast aluminium) with what the test changes. */
export function holeCase(
  changes: Partial<Omit<HoleCase, 'thread' | 'parent' | 'joint'>> & {
    threadId?: string;
    parentId?: string;
    joint?: Partial<Joint>;
  } = {},
): HoleCase {
  const { threadId, parentId, joint, ...rest } = changes;
  return {
    thread: threadById(threadId ?? 'M8x1.25'),
    parent: parentById(parentId ?? 'aluminium-cast-heat-treated'),
    parentTensileMpa: null,
    kind: 'through',
    depth: exact(20),
    damageTo: exact(9),
    strippedThroughout: false,
    bore: null,
    edge: exact(30),
    edgeName: 'edge',
    earlierCutMm: null,
    earlierRepair: null,
    duty: 'ordinary',
    rules: DEFAULT_HOUSE_RULES,
    rack: FULL_RACK,
    ...rest,
    joint: {
      fastenerClassId: '8.8',
      screwReach: null,
      mateHole: exact(9),
      demand: { mode: 'fastener-first' },
      ...joint,
    },
  };
}
