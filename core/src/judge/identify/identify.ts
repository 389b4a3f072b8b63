import { InputError, positive, within } from '../../basis/numeric/index.ts';
import {
  externalLimits,
  internalLimits,
  THREAD_FORMS,
  THREADS,
  withHand,
  type Thread,
} from '../../facts/threads/index.ts';
import { FORM_ANGLE_SIGMA_DEG, USUAL_READING_HALF_WIDTH_MM, type Evidence } from './evidence.ts';
import { fitOf, noneLikelihood, turnsToBind } from './likelihood.ts';

export interface Candidate {
  thread: Thread;
  /** Share of belief, 0..1, over all threads held and *none of these*. */
  probability: number;
  /** For each piece of evidence in order: how far it lies outside what this thread allows. */
  misfitsMm: (number | null)[];
}

/** A further reading that tells the first two apart: what each would show, and how many of its own doubts lie between. */
export interface Separator {
  reading: 'male-major' | 'pitch' | 'bore' | 'test-screw' | 'form-angle' | 'taper';
  /** What the first and the second would show: mm; degrees for the form's angle; 1 in 16 as 1 for a taper, 0 for none. */
  first: number;
  second: number;
  /** Difference over the instrument's 95 % half-width: above 2 it settles the matter. */
  doubtsApart: number;
}

/** A thread that the first one starts in and then binds. */
export interface LookAlike {
  thread: Thread;
  bindsAfterTurns: number;
  /** How far the pitches drift apart over ten turns. */
  driftOverTenTurnsMm: number;
}

export interface Identification {
  outcome: 'clear' | 'likely' | 'not-enough' | 'none-of-these';
  candidates: Candidate[];
  noneProbability: number;
  separator: Separator | null;
  lookAlikes: LookAlike[];
}

/** How often a series is met, before anything is measured (our estimate). */
const SERIES_WEIGHT: Record<Thread['series'], number> = {
  coarse: 1,
  fine: 0.45,
  fittings: 0.15,
  UNC: 1,
  UNF: 0.6,
  UNEF: 0.08,
  UN: 0.04,
  BSW: 0.25,
  BSF: 0.2,
  BA: 0.15,
  G: 0.3,
  R: 0.2,
  NPT: 0.2,
  Acme: 0.04,
  Tr: 0.06,
  custom: 0,
};
/** A thread that is in none of the tables held; and from which probability a finding is clear or likely (our estimates). */
const NONE_WEIGHT = 0.6;
const CLEAR = 0.9;
const LIKELY = 0.6;
const LISTED = 8;

/** What is usually at hand for a further reading, 95 %: caliper, ten pitches under a rule, caliper in the bore. */
const SEPARATOR_HALF_WIDTH_MM = {
  'male-major': USUAL_READING_HALF_WIDTH_MM.caliper,
  pitch: USUAL_READING_HALF_WIDTH_MM.ruleOverPitches / 10,
  bore: USUAL_READING_HALF_WIDTH_MM.caliper,
} as const;

/** Two diameters of a taper thread, ten millimetres apart along it, differ by 0.6 mm: well over a caliper's doubt. */
const TAPER_DOUBTS = 6;

function separate(first: Thread, second: Thread, evidence: readonly Evidence[]): Separator | null {
  // A pitch read over few threads is worth reading again over ten.
  const known = new Set(
    evidence
      .filter((piece) => piece.kind !== 'pitch' || piece.halfWidthMm / piece.pitches <= SEPARATOR_HALF_WIDTH_MM.pitch)
      .map((piece) => piece.kind),
  );
  const middle = (thread: Thread) => {
    const outside = externalLimits(thread);
    return (outside.majorMinMm + outside.majorMaxMm) / 2;
  };
  const bore = (thread: Thread) => {
    const inside = internalLimits(thread);
    return (inside.minorMinMm + inside.minorMaxMm) / 2;
  };
  const options: Separator[] = [];
  const add = (reading: 'male-major' | 'pitch' | 'bore', a: number, b: number) =>
    options.push({
      reading,
      first: a,
      second: b,
      doubtsApart: Math.abs(a - b) / SEPARATOR_HALF_WIDTH_MM[reading],
    });
  if (!known.has('male-major')) add('male-major', middle(first), middle(second));
  if (!known.has('pitch') && !known.has('threads-per-inch')) add('pitch', first.pitchMm, second.pitchMm);
  if (!known.has('bore') && !known.has('plug')) add('bore', bore(first), bore(second));
  const angles = [first, second].map((thread) => THREAD_FORMS[thread.form].angleDeg) as [number, number];
  if (!known.has('form-angle') && angles[0] !== angles[1]) {
    const doubtsApart = Math.abs(angles[0] - angles[1]) / (2 * FORM_ANGLE_SIGMA_DEG);
    options.push({ reading: 'form-angle', first: angles[0], second: angles[1], doubtsApart });
  }
  if (!known.has('taper') && (first.taper === null) !== (second.taper === null)) {
    const [a, b] = [first, second].map((thread) => Number(thread.taper !== null)) as [number, number];
    options.push({ reading: 'taper', first: a, second: b, doubtsApart: TAPER_DOUBTS });
  }
  options.sort((a, b) => b.doubtsApart - a.doubtsApart);
  const best = options[0];
  if (best && best.doubtsApart >= 1) return best;
  const binds = turnsToBind(first, second);
  if (known.has('test-screw') || binds === Infinity) return best ?? null;
  // A good screw of the first thread, run in by hand: it goes all the way, or binds after so many turns.
  return { reading: 'test-screw', first: 0, second: binds * first.pitchMm, doubtsApart: 2 };
}

function lookAlikesOf(first: Thread): LookAlike[] {
  const base = withHand(first, 'right').id;
  return THREADS.filter((other) => other.id !== base && Math.abs(other.majorMm - first.majorMm) < 0.4)
    .map((thread) => ({
      thread,
      bindsAfterTurns: turnsToBind(first, thread),
      driftOverTenTurnsMm: 10 * Math.abs(first.pitchMm - thread.pitchMm),
    }))
    .filter(
      ({ thread, bindsAfterTurns }) => Math.abs(thread.pitchMm - first.pitchMm) < 0.2 && bindsAfterTurns < Infinity,
    )
    .slice(0, 3);
}

function check(evidence: readonly Evidence[]): void {
  if (evidence.length === 0)
    throw new InputError('case-incomplete', 'no evidence', ['a diameter, a pitch, a bore or a test screw']);
  for (const piece of evidence) {
    if (piece.kind === 'male-major' || piece.kind === 'bore' || piece.kind === 'plug') positive(piece.mm, piece.kind);
    if (piece.kind === 'pitch') positive(piece.overMm / piece.pitches, 'pitch');
    if (piece.kind === 'threads-per-inch') positive(piece.count, 'threads per inch');
    if (piece.kind === 'form-angle') within(piece.deg, 0, 90, 'form angle');
    if (piece.kind === 'made' && piece.year !== null) within(piece.year, 1800, 2100, 'year');
  }
}

/**
 * Names a thread from poor evidence: every thread held, weighed by how well it explains each reading within the
 * reading's doubt and its class's normal undersize (a 6g or 2A screw measures UNDER its nominal), and by how common its
 * series is and was where and when the machine was made. *None of these* takes part and wins when the best fits poorly.
 * Precedence of the outcome: none of these; clear from 90 %; likely from 60 %; else not enough evidence.
 * @example identify([{ kind: 'male-major', mm: 7.88, halfWidthMm: 0.05, worn: false }, { kind: 'pitch', overMm: 12.5, pitches: 10, halfWidthMm: 0.2 }]).candidates[0].thread.id // 'M8x1.25'
 */
export function identify(evidence: readonly Evidence[], among: readonly Thread[] = THREADS): Identification {
  check(evidence);
  const weighed = among.map((thread) => {
    const fits = evidence.map((piece) => fitOf(thread, piece));
    const weight = fits.reduce((product, fit) => product * fit.likelihood, SERIES_WEIGHT[thread.series]);
    return { thread, weight, misfitsMm: fits.map((fit) => fit.misfitMm) };
  });
  const noneWeight = evidence.reduce((product, piece) => product * noneLikelihood(piece), NONE_WEIGHT);
  const total = weighed.reduce((sum, row) => sum + row.weight, noneWeight);
  const hand = evidence.find((piece) => piece.kind === 'hand')?.hand ?? 'right';
  const candidates = weighed
    .map(({ thread, weight, misfitsMm }) => ({
      thread: withHand(thread, hand),
      probability: weight / total,
      misfitsMm,
    }))
    .sort((a, b) => b.probability - a.probability || (a.thread.id < b.thread.id ? -1 : 1))
    .slice(0, LISTED);
  const noneProbability = noneWeight / total;
  const [first, second] = candidates;
  const top = first?.probability ?? 0;
  return {
    outcome: noneProbability > top ? 'none-of-these' : top >= CLEAR ? 'clear' : top >= LIKELY ? 'likely' : 'not-enough',
    candidates,
    noneProbability,
    separator: first && second && second.probability > 0.01 ? separate(first.thread, second.thread, evidence) : null,
    lookAlikes: first && noneProbability <= top ? lookAlikesOf(first.thread) : [],
  };
}
