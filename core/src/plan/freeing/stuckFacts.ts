import type { Say } from '../../basis/units/index.ts';
import { mayCloseVessel } from './beforeFreeing.ts';
import type { StuckCase } from './StuckCase.ts';

/** What most means are written from. */
export type StuckFacts = {
  what: StuckCase['what'];
  /** Screwed in, so that it can be turned out. */
  threaded: boolean;
  hard: boolean;
  /** A 12.9 screw: 39 to 44 HRC, it drills with cobalt. */
  strong: boolean;
  /** It may close a vessel: no heat, no weld. */
  closed: boolean;
  hand: 'right' | 'left';
  majorMm: number;
  through: boolean;
  parentName: string;
  /** A flame has no place on this parent, or this parent cracks under a blow. */
  noFlame: boolean;
  cracks: boolean;
  breakFace: StuckCase['breakFace'];
  headroomMm: number | null;
  proudMm: number | null;
  offsetMm: number | null;
};

/** Classes that want cobalt in something rigid. */
const STRONG_CLASSES: readonly string[] = ['12.9'];
const FLAMMABLE_OR_SOFT: readonly string[] = ['magnesium', 'zinc', 'plastic'];
const BRITTLE: readonly string[] = ['zinc', 'magnesium'];

export const isThreaded = ({ what }: Pick<StuckCase, 'what'>): boolean =>
  what === 'screw' || what === 'stud' || what === 'plug';

export const stuckFacts = (stuck: StuckCase): StuckFacts => ({
  what: stuck.what,
  threaded: isThreaded(stuck),
  hard: stuck.hard,
  strong: STRONG_CLASSES.includes(stuck.classId ?? ''),
  closed: mayCloseVessel(stuck),
  hand: stuck.thread.hand,
  majorMm: stuck.thread.majorMm,
  through: stuck.through,
  parentName: stuck.parent.name,
  noFlame: FLAMMABLE_OR_SOFT.includes(stuck.parent.group),
  cracks: BRITTLE.includes(stuck.parent.group),
  breakFace: stuck.breakFace,
  headroomMm: stuck.headroomMm,
  proudMm: stuck.proudMm,
  offsetMm: stuck.offsetMm,
});

export const turnWord = ({ hand }: Pick<StuckFacts, 'hand'>): string =>
  hand === 'left' ? 'clockwise (it is left-handed)' : 'anticlockwise';

/** Free height that a drill with its chuck wants above the face: in a hand drill, and in a right-angle head (our estimate). */
const DRILL_HEADROOM_MM = 180;
const ANGLE_HEADROOM_MM = 75;

/** Whether a drill gets in above it. */
export const drillGetsIn = ({ headroomMm }: Pick<StuckFacts, 'headroomMm'>): boolean =>
  headroomMm === null || headroomMm >= ANGLE_HEADROOM_MM;

/** Why no drill gets in above it, or what it takes; empty where there is room. */
export function roomWords({ headroomMm }: Pick<StuckFacts, 'headroomMm'>, say: Say): string {
  if (headroomMm === null || headroomMm >= DRILL_HEADROOM_MM) return '';
  return headroomMm >= ANGLE_HEADROOM_MM
    ? `${say.length(headroomMm)} above it: a right-angle head and short drills`
    : `${say.length(headroomMm)} above it is too low for any drill: take the part off first`;
}

/** The same as a tail of a sentence that goes on. */
export function roomTail(facts: Pick<StuckFacts, 'headroomMm'>, say: Say): string {
  const words = roomWords(facts, say);
  return words === '' ? '' : `; ${words}`;
}

const START_WORDS: Readonly<Record<StuckCase['breakFace'], string>> = {
  sloped: 'Make its face flat first: a stub end mill or a flat punch; a drill started on a slope walks off.',
  dimple: 'Start in the old true centre with a centre drill.',
  'off-centre': 'Do not follow the old hole: draw it over with a stub end mill or in a bush, then measure its offset.',
  flat: 'Find the true centre with a bush or marked from three sides, and centre it.',
};

/** How the face of the break is made ready for a drill. */
export const startOfDrill = ({ breakFace }: Pick<StuckFacts, 'breakFace'>): string => START_WORDS[breakFace];

/** Which drill a strong screw wants. */
export const STRONG_DRILL =
  'It is 12.9, 39 to 44 HRC: a cobalt stub drill, held rigid in a guide or a machine, about 5 m/min; not freehand.';
export const CLOSED_WORDS =
  'it may close a vessel, and what is closed is never heated or welded: open, drain and vent it, then say so';
