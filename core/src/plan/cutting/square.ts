import { positive, within } from '../../basis/numeric/index.ts';
import { SQUARE_AT_TURNS } from './rhythm.ts';

const DEG = Math.PI / 180;

/** An angle seen as a gap at a square's blade. @example leanOfGapDeg(0.5, 50) // 0.573 */
export const leanOfGapDeg = (gapMm: number, overMm: number): number =>
  Math.atan(within(gapMm, 0, 1000, 'gap') / positive(overMm, 'blade')) / DEG;

/** The gap that an angle opens over a blade. @example gapOfLeanMm(0.8, 50) // 0.70 */
export const gapOfLeanMm = (leanDeg: number, overMm: number): number =>
  Math.tan(within(leanDeg, 0, 45, 'lean') * DEG) * positive(overMm, 'blade');

/**
 * How far a head stands off the face on one side when its screw leans: d·tan.
 * @example headGapMm(13, 1.5) // 0.34
 */
export const headGapMm = (headMm: number, leanDeg: number): number => gapOfLeanMm(leanDeg, headMm);

/** A head leaning more than this bears on one side: the third turn passes up to it, and is begun again past it (our estimate). */
export const TAP_LEAN_LIMIT_DEG = 0.8;
/** A head across its flats, in diameters of its screw (ISO 4014 and 4762, about). */
export const HEAD_D = 1.6;

/** What keeps a tap or a drill square, best first for its place, and the tilt to expect: one standard deviation (our estimate). */
export const SQUARE_AIDS = {
  'mill-guide': { name: 'spindle of the mill as a guide, motor off', tiltDeg: 0.05 },
  'spindle-guide': { name: 'spindle of the bench drill as a guide, motor off', tiltDeg: 0.15 },
  'guide-block': { name: 'guide block held flat on the face', tiltDeg: 0.25 },
  square: { name: 'small square beside it, looked at from two sides', tiltDeg: 0.8 },
  hole: { name: 'the old thread leads it', tiltDeg: 0.5 },
} as const;
export type SquareAid = keyof typeof SQUARE_AIDS;

/** A tap this small goes wrong under its own wrench: it wants a guide wherever it stands (our estimate). */
const SMALL_MM = 4;

/**
 * The aid that suits place and size: an old thread leads by itself; under a spindle the spindle guides; in place a block where the
 * face takes one, else a square; small taps take a block.
 * @example squareAid({ follows: false, spindle: null, majorMm: 8, flatAround: true }) // 'guide-block'
 */
export function squareAid(at: {
  follows: boolean;
  spindle: 'bench-drill' | 'mill' | null;
  majorMm: number;
  flatAround: boolean;
}): SquareAid {
  if (at.follows) return 'hole';
  if (at.spindle === 'mill') return 'mill-guide';
  if (at.spindle === 'bench-drill') return 'spindle-guide';
  return at.flatAround || at.majorMm <= SMALL_MM ? 'guide-block' : 'square';
}

/** Turns in the machine before the wrench takes over: until half the lead and one turn more hold the tap (rule of thumb). */
export const turnsInMachine = (leadThreads: number): number =>
  Math.max(SQUARE_AT_TURNS, Math.ceil(leadThreads / 2) + 1);
