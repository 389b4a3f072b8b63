import { InputError, positive, within, Z95 } from '../../basis/numeric/index.ts';
import { expectedBoreMm, type Drilling } from '../../facts/drills/index.ts';
import { coreDrill, LARGEST_OVERSIZE, looseShellMm, stiffShellMm, type CoreWindow } from './coreWindow.ts';

export interface HarmInput {
  window: CoreWindow;
  /** Major of the thread: what a full thread of the parent reaches out to. */
  majorMm: number;
  drillsMm: readonly number[];
  drilling?: Drilling;
  /** Offset already measured; 0 while it is only guessed at. */
  startOffsetMm?: number;
  sigmaOffsetMm: number;
  sigmaTiltDeg: number;
  /** Depth drilled, over which a tilt carries the drill away. */
  depthMm: number;
  /** Wander toward the softer side, mm a mm of free projection, one standard deviation; 0 where the parent is as hard. */
  wanderPerMm: number;
  projectionMm: number;
  /** Share of the parent's thread height, averaged round, that the joint can spare. */
  spareShare: number;
  /** From the axis to a void beside the hole, less the wall to keep; null where there is none. */
  voidMm: number | null;
  /** Shell that a drill leaves on its thin side at the largest bore it may cut. */
  keepShellMm: number;
  trials: number;
  /** Uniform numbers in [0, 1), seeded by the caller. */
  random: () => number;
}

/** A chance with its standard error. */
export interface Chance {
  p: number;
  standardError: number;
}

/** Half-width of a simulated chance, 95 %. @example halfWidthOf({ p: 0.5, standardError: 0.01 }) // 0.0196 */
export const halfWidthOf = ({ standardError }: Chance): number => Z95 * standardError;

/** What may come of one drill. Thresholds of loose, stiff and touched are estimates. */
export interface HarmOfDrill {
  drillMm: number;
  loose: Chance;
  stiff: Chance;
  touched: Chance;
  tooMuchLost: Chance;
  voidOpened: Chance;
}

/** The same trials for every drill: where its edge ends up, and how far over its size it cuts. */
export interface HarmSample {
  /** Farthest that the drill's axis gets from the hole's, mm, and where that is. */
  offsetMm: Float64Array;
  xMm: Float64Array;
  yMm: Float64Array;
  /** Oversize as a multiple of its mean. */
  oversize: Float64Array;
}

const LEAST_TRIALS = 1000;
const MOST_TRIALS = 5_000_000;

/** Two independent normal numbers from two uniform ones (Box and Muller), put into a pair that is used again and again. */
function normalPair(random: () => number, into: Float64Array): void {
  const radius = Math.sqrt(-2 * Math.log(1 - random()));
  const angle = 2 * Math.PI * random();
  into[0] = radius * Math.cos(angle);
  into[1] = radius * Math.sin(angle);
}

/**
 * Draws the sample: start offset and tilt normal and independent an axis, wander along the offset already there. The
 * farther of the two ends of the drilled depth counts.
 */
export function sampleHarm(input: HarmInput): HarmSample {
  const { sigmaOffsetMm, sigmaTiltDeg, depthMm, wanderPerMm, projectionMm, random } = input;
  const trials = within(Math.round(input.trials), LEAST_TRIALS, MOST_TRIALS, 'trials');
  const tiltMm = Math.tan((within(sigmaTiltDeg, 0, 20, 'tilt') * Math.PI) / 180) * positive(depthMm, 'depth');
  const wanderMm = within(wanderPerMm, 0, 1, 'wander') * within(projectionMm, 0, 1000, 'projection');
  const start = within(input.startOffsetMm ?? 0, 0, 100, 'offset');
  const offsetMm = new Float64Array(trials);
  const xMm = new Float64Array(trials);
  const yMm = new Float64Array(trials);
  const oversize = new Float64Array(trials);
  const pair = new Float64Array(2);
  for (let n = 0; n < trials; n += 1) {
    normalPair(random, pair);
    const x = start + sigmaOffsetMm * pair[0]!;
    const y = sigmaOffsetMm * pair[1]!;
    const top = Math.sqrt(x * x + y * y);
    normalPair(random, pair);
    let ex = x + tiltMm * pair[0]!;
    let ey = y + tiltMm * pair[1]!;
    if (wanderMm > 0 && top > 0) {
      normalPair(random, pair);
      const by = wanderMm * Math.abs(pair[0]!);
      ex += (by * x) / top;
      ey += (by * y) / top;
    }
    const end = Math.sqrt(ex * ex + ey * ey);
    offsetMm[n] = Math.max(top, end);
    xMm[n] = end > top ? ex : x;
    yMm[n] = end > top ? ey : y;
    // Even between a fifth of the mean and its largest: mean 1, largest 1.8.
    oversize[n] = 2 - LARGEST_OVERSIZE + 2 * (LARGEST_OVERSIZE - 1) * random();
  }
  return { offsetMm, xMm, yMm, oversize };
}

/** Share of the parent's thread height that a bore takes, averaged round: 0 inside the crest, 1 out at the major. */
export function threadLostShare(boreRadiusMm: number, offsetMm: number, window: CoreWindow, majorMm: number): number {
  const crest = window.crestMm / 2;
  const height = majorMm / 2 - crest;
  let lost = 0;
  for (let step = 0; step < LOST_STEPS; step += 1) {
    const side = offsetMm * LOST_SINES[step]!;
    const reach = offsetMm * LOST_COSINES[step]! + Math.sqrt(Math.max(0, boreRadiusMm * boreRadiusMm - side * side));
    lost += Math.min(1, Math.max(0, (reach - crest) / height));
  }
  return lost / LOST_STEPS;
}
const LOST_STEPS = 72;
const LOST_ANGLES = Array.from({ length: LOST_STEPS }, (_, step) => (2 * Math.PI * (step + 0.5)) / LOST_STEPS);
const LOST_SINES = Float64Array.from(LOST_ANGLES, Math.sin);
const LOST_COSINES = Float64Array.from(LOST_ANGLES, Math.cos);

/** Halvings of the major: to a millionth of a millimetre. */
const BISECTIONS = 24;

/** The offset from which more thread is lost than can be spared; bisection, because the loss only grows with the offset. */
function offsetThatLoses(boreRadiusMm: number, input: HarmInput): number {
  let [low, high] = [0, input.majorMm];
  if (threadLostShare(boreRadiusMm, low, input.window, input.majorMm) > input.spareShare) return -1;
  for (let step = 0; step < BISECTIONS; step += 1) {
    const middle = (low + high) / 2;
    if (threadLostShare(boreRadiusMm, middle, input.window, input.majorMm) > input.spareShare) high = middle;
    else low = middle;
  }
  return high;
}

const chance = (count: number, trials: number): Chance => {
  const p = count / trials;
  return { p, standardError: Math.sqrt((p * (1 - p)) / trials) };
};

/**
 * Chances of one drill on a sample. Loose: the thick side of the shell is at most 0.2 mm or 0.03 d; stiff: at most 0.1 d;
 * touched: the hole's edge passes the parent's crest anywhere.
 */
export function harmOfDrill(drillMm: number, input: HarmInput, sample: HarmSample): HarmOfDrill {
  const { window, majorMm, voidMm, drilling } = input;
  const { offsetMm, oversize } = sample;
  const trials = offsetMm.length;
  const meanOver = expectedBoreMm(drillMm, drilling) - drillMm;
  const [root, crest] = [window.rootMm / 2, window.crestMm / 2];
  const [loose, stiff] = [looseShellMm(majorMm), stiffShellMm(majorMm)];
  // Loss is found once at each end of the oversize and taken as straight between: over a tenth of a millimetre it is.
  const least = (drillMm + (2 - LARGEST_OVERSIZE) * meanOver) / 2;
  const most = (drillMm + LARGEST_OVERSIZE * meanOver) / 2;
  const [losesAtLeast, losesAtMost] = [offsetThatLoses(least, input), offsetThatLoses(most, input)];
  const slope = most > least ? (losesAtMost - losesAtLeast) / (most - least) : 0;
  const voidAt = voidMm ?? Infinity;
  let [nLoose, nStiff, nTouched, nLost, nVoid] = [0, 0, 0, 0, 0];
  // Six million turns of this loop are one answer: what does not change is taken out of it, and comparisons are added as 0 or
  // 1, because the processor cannot guess the branches.
  const halfOver = meanOver / 2;
  const half = drillMm / 2;
  const [looseFrom, stiffFrom] = [root - half - loose, root - half - stiff];
  const [crestRoom, voidRoom] = [crest - half, voidAt - half];
  const losesFrom = losesAtLeast + slope * (half - least);
  for (let n = 0; n < trials; n += 1) {
    const r = offsetMm[n]!;
    const over = oversize[n]! * halfOver;
    const inward = over - r;
    const outward = over + r;
    nLoose += looseFrom <= inward ? 1 : 0;
    nStiff += stiffFrom <= inward ? 1 : 0;
    nTouched += outward > crestRoom ? 1 : 0;
    nLost += r - slope * over > losesFrom ? 1 : 0;
  }
  // Most holes have no void beside them: they do without its comparison.
  if (voidMm !== null) {
    for (let n = 0; n < trials; n += 1) nVoid += oversize[n]! * halfOver + offsetMm[n]! > voidRoom ? 1 : 0;
  }
  nStiff -= nLoose;
  return {
    drillMm,
    loose: chance(nLoose, trials),
    stiff: chance(nStiff, trials),
    touched: chance(nTouched, trials),
    tooMuchLost: chance(nLost, trials),
    voidOpened: chance(nVoid, trials),
  };
}

/** Touching the parent's crests this seldom is taken as safe enough to recommend a drill (our estimate). */
export const TOUCHED_ALLOWED = 0.05;

/**
 * The largest drill that seldom touches the parent or what is beside it, and leaves the shell that is kept; null when none does.
 */
export function recommendedDrill(
  drills: readonly HarmOfDrill[],
  {
    window,
    keepShellMm,
    drilling,
    startOffsetMm,
  }: Pick<HarmInput, 'window' | 'keepShellMm' | 'drilling' | 'startOffsetMm'>,
): HarmOfDrill | null {
  const safe = drills.filter(
    (row) =>
      row.touched.p <= TOUCHED_ALLOWED &&
      row.voidOpened.p <= TOUCHED_ALLOWED &&
      coreDrill(row.drillMm, window, startOffsetMm ?? 0, drilling).leastShellMm >= keepShellMm,
  );
  return safe.reduce<HarmOfDrill | null>(
    (best, row) => (best === null || row.drillMm > best.drillMm ? row : best),
    null,
  );
}

export interface Harm {
  drills: HarmOfDrill[];
  recommendedMm: number | null;
}

/**
 * Chance of harm of every drill on one shared sample (docs/methods.md, Freeing what is stuck). With zero tilt, no wander and no oversize the
 * chance of touching has the closed form exp(−a²/2σ²), a = crest/2 − drill/2. Throws `out-of-range` for nonsense.
 */
export function chanceOfHarm(input: HarmInput): Harm {
  if (input.drillsMm.length === 0) throw new InputError('out-of-range', 'no drills', ['at least one']);
  const sample = sampleHarm(input);
  const drills = input.drillsMm.map((mm) => harmOfDrill(positive(mm, 'drill'), input, sample));
  return { drills, recommendedMm: recommendedDrill(drills, input)?.drillMm ?? null };
}
