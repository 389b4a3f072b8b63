import { Z95 } from '../../basis/numeric/index.ts';
import { inchToMm } from '../../basis/units/index.ts';
import { boreForShare } from '../../facts/drills/index.ts';
import {
  externalLimits,
  internalLimits,
  THREAD_FORMS,
  threadById,
  type Hand,
  type Thread,
} from '../../facts/threads/index.ts';
import { ANGLE_DOUBT_DEG, GAUGE_PITCH_HALF_WIDTH, type Evidence } from './evidence.ts';
import { usualOn } from './systemPrior.ts';

/** Standard normal distribution function, Abramowitz and Stegun 7.1.26 (error below 1.5e-7). */
function normalCdf(x: number): number {
  const t = 1 / (1 + 0.3275911 * Math.abs(x / Math.SQRT2));
  const poly = ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t;
  const erf = 1 - poly * Math.exp(-(x * x) / 2);
  return x >= 0 ? (1 + erf) / 2 : (1 - erf) / 2;
}

/** Density of a reading whose true value lies anywhere between lo and hi, read with a normal error. */
function densityInBand(readMm: number, loMm: number, hiMm: number, halfWidthMm: number): number {
  const sigma = Math.max(halfWidthMm, 0.005) / Z95;
  return (normalCdf((hiMm - readMm) / sigma) - normalCdf((loMm - readMm) / sigma)) / (hiMm - loMm);
}

/** Signed distance of a reading from a band; 0 inside it. */
function outsideBy(readMm: number, loMm: number, hiMm: number): number {
  return readMm < loMm ? readMm - loMm : readMm > hiMm ? readMm - hiMm : 0;
}

/** Wear and rolling take a screw's crests down by up to this share of its pitch (our estimate). */
const WORN_CREST_PER_PITCH = 0.15;
/** A tapped bore is rarely opened beyond this share of thread (our estimate). */
const OPEN_BORE_SHARE = 0.55;
/** A screw of the right thread binds too when it is dirty or crooked: once in twenty (our estimate). */
const BINDS_ANYWAY = 0.05;
/** Spread of the turns at which a wrong pitch binds, as a factor either way (our estimate). */
const BIND_SPREAD = 2;

/** Drift that a hand on the wrench forces through before it feels the thread bind (our estimate). */
const FORCED_DRIFT_MM = 0.15;

/**
 * Turns after which a screw of one pitch binds in a hole of another: its widest axial play, and what a hand forces
 * through, over the drift of each turn. Infinity for the same pitch. An estimate: good for telling one turn from five.
 * @example turnsToBind(threadById('M8x1.25'), threadById('5/16-18')) // 1.3
 */
export function turnsToBind(screw: Thread, hole: Thread): number {
  const driftMm = Math.abs(screw.pitchMm - hole.pitchMm);
  if (driftMm < 1e-6) return Infinity;
  const playOnDiameterMm = Math.max(0, internalLimits(hole).pitchMaxMm - externalLimits(screw).pitchMinMm);
  // 60° flanks: play of d on diameter opens d·tan 30° along the axis.
  return (playOnDiameterMm * Math.tan(Math.PI / 6) + FORCED_DRIFT_MM) / driftMm;
}

function starts(screw: Thread, hole: Thread): boolean {
  return (
    externalLimits(screw).pitchMinMm <= internalLimits(hole).pitchMaxMm + 0.02 &&
    screw.majorMm > internalLimits(hole).minorMaxMm
  );
}

/** What a test screw shows proves nothing alone: the least that it leaves of any thread (our estimate). */
const NEVER_LESS = 0.02;
/** A screw that does not catch is felt to bind before it has gone a quarter of a turn. */
const HARDLY_TURNS = 0.25;
/** Forms whose angles differ by more do not take each other's screws at all. */
const OTHER_FORM_DEG = 15;

/** How far a screw goes in a hole: turns until it binds, 0 where it does not start, Infinity where it runs free or falls through. */
function goesIn(screw: Thread, hole: Thread, sameHand: boolean): number {
  const angles = [screw, hole].map(({ form }) => THREAD_FORMS[form].angleDeg) as [number, number];
  if (screw.majorMm <= internalLimits(hole).minorMinMm) return Infinity;
  if (!sameHand || Math.abs(angles[0] - angles[1]) > OTHER_FORM_DEG || !starts(screw, hole)) return 0;
  return turnsToBind(screw, hole);
}

function testScrewLikelihood(screw: Thread, hole: Thread, sameHand: boolean, bindsAfterTurns: number | null): number {
  const expected = goesIn(screw, hole, sameHand);
  if (expected === Infinity) {
    // One that falls through is no screw that runs in.
    const runs = screw.majorMm > internalLimits(hole).minorMinMm ? 1 - BINDS_ANYWAY : BINDS_ANYWAY;
    return bindsAfterTurns === null ? runs : BINDS_ANYWAY;
  }
  if (bindsAfterTurns === null) return Math.max(NEVER_LESS, Math.min(0.5, expected / 40));
  const seen = Math.max(bindsAfterTurns, HARDLY_TURNS);
  const distance = Math.log(seen / Math.max(expected, HARDLY_TURNS)) / Math.log(BIND_SPREAD);
  return Math.max(NEVER_LESS, Math.exp(-(distance ** 2) / 2));
}

export interface Fit {
  likelihood: number;
  /** How far the reading lies outside what the thread allows, signed; null where no length is compared. */
  misfitMm: number | null;
  /** The same in the reading's own doubts, 0 where wear excuses it: worn crests, an opened bore; never the other way. */
  doubtsOff: number;
}

const NO_LENGTH = { misfitMm: null, doubtsOff: 0 } as const;

/** Once in so many times an angle or a taper is seen that is not there (our estimate). */
const MISSEEN = 0.03;

/** How well one thread of one hand explains one piece of evidence: a density for lengths, a probability for the rest. */
export function fitOf(thread: Thread, evidence: Evidence, hand: Hand = thread.hand): Fit {
  switch (evidence.kind) {
    case 'male-major': {
      const { majorMinMm, majorMaxMm } = externalLimits(thread);
      const lo = majorMinMm - (evidence.worn ? WORN_CREST_PER_PITCH * thread.pitchMm : 0);
      return {
        likelihood: densityInBand(evidence.mm, lo, majorMaxMm, evidence.halfWidthMm),
        misfitMm: outsideBy(evidence.mm, lo, majorMaxMm),
        doubtsOff:
          Math.abs(outsideBy(evidence.mm, majorMinMm - WORN_CREST_PER_PITCH * thread.pitchMm, majorMaxMm)) /
          Math.max(evidence.halfWidthMm, 0.005),
      };
    }
    case 'pitch': {
      const pitchMm = evidence.overMm / evidence.pitches;
      const halfWidth = Math.max(evidence.halfWidthMm / evidence.pitches, 0.002);
      const z = ((pitchMm - thread.pitchMm) / halfWidth) * Z95;
      return {
        likelihood: (Math.exp(-(z * z) / 2) * Z95) / (halfWidth * Math.sqrt(2 * Math.PI)),
        misfitMm: pitchMm - thread.pitchMm,
        doubtsOff: Math.abs(pitchMm - thread.pitchMm) / halfWidth,
      };
    }
    case 'threads-per-inch': {
      const pitchMm = inchToMm(1) / evidence.count;
      const z = ((pitchMm - thread.pitchMm) / GAUGE_PITCH_HALF_WIDTH) * Z95;
      return {
        likelihood: (Math.exp(-(z * z) / 2) * Z95) / (GAUGE_PITCH_HALF_WIDTH * Math.sqrt(2 * Math.PI)),
        misfitMm: pitchMm - thread.pitchMm,
        doubtsOff: Math.abs(pitchMm - thread.pitchMm) / GAUGE_PITCH_HALF_WIDTH,
      };
    }
    case 'bore':
    case 'plug': {
      const mm = evidence.kind === 'bore' ? evidence.mm : evidence.mm + evidence.stepMm / 2;
      const halfWidth = evidence.kind === 'bore' ? evidence.halfWidthMm : evidence.stepMm / 2;
      const lo = internalLimits(thread).minorMinMm - 0.02 * thread.pitchMm;
      const hi = Math.max(internalLimits(thread).minorMaxMm, boreForShare(thread, OPEN_BORE_SHARE));
      return {
        likelihood: densityInBand(mm, lo, hi, halfWidth),
        misfitMm: outsideBy(mm, lo, hi),
        doubtsOff: Math.abs(outsideBy(mm, lo, Math.max(hi, thread.majorMm))) / Math.max(halfWidth, 0.005),
      };
    }
    case 'test-screw': {
      const left = / LH$/.test(evidence.threadId);
      const screw = threadById(evidence.threadId.replace(/ LH$/, ''));
      return {
        likelihood: testScrewLikelihood(screw, thread, left === (hand === 'left'), evidence.bindsAfterTurns),
        ...NO_LENGTH,
      };
    }
    case 'form-angle': {
      const off = Math.abs(evidence.deg - THREAD_FORMS[thread.form].angleDeg);
      const doubtDeg = ANGLE_DOUBT_DEG[evidence.by ?? 'blade'];
      const z = (off / doubtDeg) * Z95;
      return { likelihood: Math.max(MISSEEN, Math.exp(-(z * z) / 2)), misfitMm: null, doubtsOff: off / doubtDeg };
    }
    case 'taper':
      return { likelihood: evidence.seen === (thread.taper !== null) ? 1 - MISSEEN : MISSEEN, ...NO_LENGTH };
    case 'hand':
      return { likelihood: evidence.hand === hand ? 1 - MISSEEN : MISSEEN, ...NO_LENGTH };
    case 'made':
      return { likelihood: usualOn(thread.family, evidence), ...NO_LENGTH };
  }
}

/**
 * The same for *none of these*: a thread that is not in the tables, its sizes spread evenly over what machines have.
 * It wins when even the best thread fits poorly.
 */
export function noneLikelihood(evidence: Evidence): number {
  switch (evidence.kind) {
    case 'male-major':
    case 'bore':
    case 'plug':
      return 1 / 40;
    case 'pitch':
    case 'threads-per-inch':
      return 1 / 6;
    case 'test-screw':
      return evidence.bindsAfterTurns === null ? 0.05 : 0.5;
    case 'form-angle':
    case 'taper':
    case 'made':
      return 0.5;
    case 'hand':
      return 1;
  }
}
