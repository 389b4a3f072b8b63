import { FULL_RACK } from '../../facts/drills/index.ts';
import { caseOfChoices } from './caseOfChoices.ts';
import { choiceOf } from './choices.ts';
import { DEFAULT_HOUSE_RULES, type HoleCase, type Joint, type Work } from './HoleCase.ts';

type Needed = Pick<HoleCase, 'thread' | 'parent' | 'kind' | 'depth' | 'damageTo'>;

/**
 * A hole of which only the least is known: everything else is unknown, or ordinary, as the product takes it until someone
 * says otherwise.
 * @example blankCase({ thread: threadById('M8x1.25'), parent: parentById('grey-iron'), kind: 'through', depth: { mm: 20, halfWidthMm: 0 }, damageTo: { mm: 9, halfWidthMm: 0 } }).edge // null
 */
export function blankCase(
  known: Needed &
    Partial<Omit<HoleCase, keyof Needed | 'joint' | 'work'>> & { joint?: Partial<Joint>; work?: Partial<Work> },
): HoleCase {
  const { joint, work, ...rest } = known;
  const unchosen = caseOfChoices({});
  return {
    ...unchosen,
    bore: null,
    boreOffset: null,
    slotEnd: null,
    edge: null,
    edgeName: choiceOf({}, 'edgeName'),
    edgeAtLeast: false,
    limits: [],
    floor: null,
    leanPer50: null,
    earlierCutMm: null,
    earlierRepair: null,
    earlierSeen: false,
    rules: DEFAULT_HOUSE_RULES,
    rack: FULL_RACK,
    ...rest,
    work: { ...unchosen.work, heightMm: null, headroomMm: null, sideRoomMm: null, ...work },
    joint: { ...unchosen.joint, screwReach: null, mateHole: null, endRoom: null, grip: null, seat: null, ...joint },
  };
}
