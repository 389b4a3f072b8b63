import { Z95 } from '../../basis/numeric/index.ts';
import { inchToMm } from '../../basis/units/index.ts';
import { boreForShare } from '../../facts/drills/index.ts';
import { externalLimits, internalLimits, THREAD_FORMS, threadById, type Thread } from '../../facts/threads/index.ts';
import { FORM_ANGLE_SIGMA_DEG, GAUGE_PITCH_HALF_WIDTH, type Evidence } from './evidence.ts';
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

function testScrewLikelihood(screw: Thread, hole: Thread, bindsAfterTurns: number | null): number {
  if (screw.hand !== hole.hand || !starts(screw, hole)) return 1e-4;
  const expected = turnsToBind(screw, hole);
  if (expected === Infinity) return bindsAfterTurns === null ? 1 - BINDS_ANYWAY : BINDS_ANYWAY;
  if (bindsAfterTurns === null) return Math.min(0.5, expected / 40);
  const distance = Math.log(Math.max(bindsAfterTurns, 0.25) / Math.max(expected, 0.25)) / Math.log(BIND_SPREAD);
  return Math.exp(-(distance ** 2) / 2);
}

export interface Fit {
  likelihood: number;
  /** How far the reading lies outside what the thread allows, signed; null where no length is compared. */
  misfitMm: number | null;
}

/** Once in so many times an angle or a taper is seen that is not there (our estimate). */
const MISSEEN = 0.03;

/** How well one thread explains one piece of evidence: a density for lengths, a probability for the rest. */
export function fitOf(thread: Thread, evidence: Evidence): Fit {
  switch (evidence.kind) {
    case 'male-major': {
      const { majorMinMm, majorMaxMm } = externalLimits(thread);
      const lo = majorMinMm - (evidence.worn ? WORN_CREST_PER_PITCH * thread.pitchMm : 0);
      return {
        likelihood: densityInBand(evidence.mm, lo, majorMaxMm, evidence.halfWidthMm),
        misfitMm: outsideBy(evidence.mm, lo, majorMaxMm),
      };
    }
    case 'pitch': {
      const pitchMm = evidence.overMm / evidence.pitches;
      const halfWidth = Math.max(evidence.halfWidthMm / evidence.pitches, 0.002);
      const z = ((pitchMm - thread.pitchMm) / halfWidth) * Z95;
      return {
        likelihood: (Math.exp(-(z * z) / 2) * Z95) / (halfWidth * Math.sqrt(2 * Math.PI)),
        misfitMm: pitchMm - thread.pitchMm,
      };
    }
    case 'threads-per-inch': {
      const pitchMm = inchToMm(1) / evidence.count;
      const z = ((pitchMm - thread.pitchMm) / GAUGE_PITCH_HALF_WIDTH) * Z95;
      return {
        likelihood: (Math.exp(-(z * z) / 2) * Z95) / (GAUGE_PITCH_HALF_WIDTH * Math.sqrt(2 * Math.PI)),
        misfitMm: pitchMm - thread.pitchMm,
      };
    }
    case 'bore':
    case 'plug': {
      const mm = evidence.kind === 'bore' ? evidence.mm : evidence.mm + evidence.stepMm / 2;
      const halfWidth = evidence.kind === 'bore' ? evidence.halfWidthMm : evidence.stepMm / 2;
      const lo = internalLimits(thread).minorMinMm - 0.02 * thread.pitchMm;
      const hi = Math.max(internalLimits(thread).minorMaxMm, boreForShare(thread, OPEN_BORE_SHARE));
      return { likelihood: densityInBand(mm, lo, hi, halfWidth), misfitMm: outsideBy(mm, lo, hi) };
    }
    case 'test-screw':
      return {
        likelihood: testScrewLikelihood(threadById(evidence.threadId), thread, evidence.bindsAfterTurns),
        misfitMm: null,
      };
    case 'form-angle': {
      const z = (evidence.deg - THREAD_FORMS[thread.form].angleDeg) / FORM_ANGLE_SIGMA_DEG;
      return { likelihood: Math.max(MISSEEN, Math.exp(-(z * z) / 2)), misfitMm: null };
    }
    case 'taper':
      return {
        likelihood: evidence.seen === (thread.taper !== null) ? 1 - MISSEEN : MISSEEN,
        misfitMm: null,
      };
    case 'hand':
      return { likelihood: 1, misfitMm: null };
    case 'made':
      return { likelihood: usualOn(thread.family, evidence), misfitMm: null };
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
