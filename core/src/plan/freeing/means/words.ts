import { spokenLength } from '../../../basis/units/index.ts';
import type { FreeStep } from '../Means.ts';
import type { StuckCase } from '../StuckCase.ts';

export const turnWord = ({ thread }: StuckCase): string =>
  thread.hand === 'left' ? 'clockwise, it is left-handed' : 'anticlockwise';

export const isThreaded = ({ what }: StuckCase): boolean => what === 'screw' || what === 'stud' || what === 'plug';

/** Metals that crack under a blow. */
const BRITTLE: readonly string[] = ['zinc', 'magnesium'];
export const maySharplyTap = ({ parent }: StuckCase): boolean => !BRITTLE.includes(parent.group);

export const noFlame = ({ parent }: StuckCase): boolean =>
  parent.group === 'magnesium' || parent.group === 'zinc' || parent.group === 'plastic';

/** Steps without a clock. */
export const steps = (...words: string[]): FreeStep[] => words.map((what) => ({ what, minutes: null }));

/** Free height that a drill with its chuck wants above the face: in a hand drill, and in a right-angle head (our estimate). */
const DRILL_HEADROOM_MM = 180;
const ANGLE_HEADROOM_MM = 75;

/** Whether a drill gets in above it, with the words for why not or how. */
export function drillRoom({ headroomMm }: StuckCase): { possible: boolean; words: string } {
  if (headroomMm === null || headroomMm >= DRILL_HEADROOM_MM) return { possible: true, words: '' };
  if (headroomMm >= ANGLE_HEADROOM_MM)
    return { possible: true, words: `${spokenLength(headroomMm)} above it: a right-angle head and short drills` };
  return {
    possible: false,
    words: `${spokenLength(headroomMm)} above it is too low for any drill: take the part off first`,
  };
}

/** How the face of the break is made ready for a drill. */
export function startOfDrill({ face }: StuckCase): string {
  if (face === 'sloped')
    return 'Make its face flat first: a stub end mill or a flat punch; a drill started on a slope walks off.';
  if (face === 'dimple') return 'Start in the old true centre with a centre drill.';
  if (face === 'off-centre')
    return 'Do not follow the old hole: draw it over with a stub end mill or in a bush, then measure its offset.';
  return 'Find the true centre with a bush or marked from three sides, and centre it.';
}
