import { parentById } from '../facts/materials/index.ts';
import { threadById } from '../facts/threads/index.ts';
import { blankCase, type HoleCase, type Joint, type Measured, type Work } from '../judge/hole/index.ts';

const exact = (mm: number): Measured => ({ mm, halfWidthMm: 0 });

/**
 * A hole for a test: worked case 1 (M8 in heat-treated cast aluminium, everything seen, the screw is to break first) with
 * what the test changes.
 */
export function holeCase(
  changes: Partial<Omit<HoleCase, 'thread' | 'parent' | 'joint' | 'work'>> & {
    threadId?: string;
    parentId?: string;
    joint?: Partial<Joint>;
    work?: Partial<Work>;
  } = {},
): HoleCase {
  const { threadId, parentId, joint, ...rest } = changes;
  return blankCase({
    thread: threadById(threadId ?? 'M8x1.25'),
    parent: parentById(parentId ?? 'aluminium-cast-heat-treated'),
    kind: 'through',
    depth: exact(20),
    damageTo: exact(9),
    edge: exact(30),
    behind: 'nothing',
    crack: 'none',
    earlierSeen: true,
    ...rest,
    joint: {
      fastenerClassId: '8.8',
      mateHole: exact(9),
      serviceC: 20,
      demand: { mode: 'fastener-first' },
      ...joint,
    },
  });
}
