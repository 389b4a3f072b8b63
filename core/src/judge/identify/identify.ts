import { InputError, positive, roundTo, within } from '../../basis/numeric/index.ts';
import {
  canBeCustom,
  CUSTOM_FORMS,
  customThread,
  externalLimits,
  internalLimits,
  THREAD_FORMS,
  THREADS,
  withHand,
  type Thread,
} from '../../facts/threads/index.ts';
import { ANGLE_DOUBT_DEG, USUAL_READING_HALF_WIDTH_MM, type Evidence } from './evidence.ts';
import { inchToMm } from '../../basis/units/index.ts';
import { fitOf, noneLikelihood, type Fit, turnsToBind } from './likelihood.ts';

export interface Candidate {
  thread: Thread;
  /** Share of belief, 0..1, over all threads held and *none of these*. */
  probability: number;
  /** For each piece of evidence in order: how far it lies outside what this thread allows. */
  misfitsMm: (number | null)[];
  /** The piece of evidence that speaks most against it, where it lies more than three of its own doubts off; else null. */
  against: { index: number; doubts: number } | null;
}

/** A further reading that tells the first two apart: what each would show, and how many of its own doubts lie between. */
export interface Separator {
  reading: 'male-major' | 'pitch' | 'bore' | 'test-screw' | 'form-angle' | 'taper' | 'hand';
  /** What the first and the second would show: mm; degrees for the form's angle; 1 for a taper or a left hand, else 0. */
  first: number;
  second: number;
  /** Room between the two bands over the instrument's 95 % half-width: above 2 it settles the matter; 0 where they overlap. */
  doubtsApart: number;
  /** Over how many pitches a rule settles it; only of a pitch. */
  pitches?: number;
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
  /** The size that was read, as a custom thread, where nothing held fits and a major, a pitch and an angle are known. */
  asRead: Thread | null;
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
  brass: 0.04,
  ME: 0.04,
  cycle: 0.05,
  Pg: 0.06,
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
/** A candidate that a reading contradicts by more of its doubts is never clear. */
const CONTRADICTED_DOUBTS = 3;
/** What is left of the belief in one: *none of these* takes the rest, their order among themselves stays (our estimate). */
const CONTRADICTED_WEIGHT = 1e-6;
/** How often a thread is left-handed, before anything is seen (our estimate). */
const LEFT_SHARE = 0.04;
/** Doubts between two readings that settle a matter. */
const SETTLES_DOUBTS = 2;
/** More pitches than these no rule is laid along. */
const MOST_PITCHES = 40;

/** What is usually at hand for a further reading, 95 %: caliper, ten pitches under a rule, caliper in the bore. */
const SEPARATOR_HALF_WIDTH_MM = {
  'male-major': USUAL_READING_HALF_WIDTH_MM.caliper,
  pitch: USUAL_READING_HALF_WIDTH_MM.ruleOverPitches / 10,
  bore: USUAL_READING_HALF_WIDTH_MM.caliper,
} as const;

/** Two diameters of a taper thread, ten millimetres apart along it, differ by 0.6 mm: well over a caliper's doubt. */
const TAPER_DOUBTS = 6;
/** Fewer pitches than these nobody lays a rule along. */
const LEAST_PITCHES = 10;

function separate(first: Thread, second: Thread, evidence: readonly Evidence[]): Separator | null {
  // A pitch read over few threads is worth reading again over ten.
  const known = new Set(
    evidence
      .filter((piece) => piece.kind !== 'pitch' || piece.halfWidthMm / piece.pitches <= SEPARATOR_HALF_WIDTH_MM.pitch)
      .map((piece) => piece.kind),
  );
  const options: Separator[] = [];
  const band = (reading: 'male-major' | 'bore', thread: Thread): [low: number, high: number] => {
    if (reading === 'male-major') {
      const { majorMinMm, majorMaxMm } = externalLimits(thread);
      return [majorMinMm, majorMaxMm];
    }
    const { minorMinMm, minorMaxMm } = internalLimits(thread);
    return [minorMinMm, minorMaxMm];
  };
  const addBand = (reading: 'male-major' | 'bore') => {
    const [a, b] = [band(reading, first), band(reading, second)];
    // Bands that overlap part nothing, however far apart their middles lie.
    const gapMm = Math.max(0, a[0] - b[1], b[0] - a[1]);
    options.push({
      reading,
      first: (a[0] + a[1]) / 2,
      second: (b[0] + b[1]) / 2,
      doubtsApart: gapMm / SEPARATOR_HALF_WIDTH_MM[reading],
    });
  };
  if (!known.has('male-major')) addBand('male-major');
  if (!known.has('bore') && !known.has('plug')) addBand('bore');
  const apartMm = Math.abs(first.pitchMm - second.pitchMm);
  if (!known.has('pitch') && !known.has('threads-per-inch') && apartMm > 0) {
    const pitches = Math.max(
      LEAST_PITCHES,
      Math.ceil((SETTLES_DOUBTS * USUAL_READING_HALF_WIDTH_MM.ruleOverPitches) / apartMm),
    );
    const doubtsApart = (Math.min(pitches, MOST_PITCHES) * apartMm) / USUAL_READING_HALF_WIDTH_MM.ruleOverPitches;
    options.push({ reading: 'pitch', first: first.pitchMm, second: second.pitchMm, doubtsApart, pitches });
  }
  if (!known.has('hand') && first.hand !== second.hand)
    options.push({
      reading: 'hand',
      first: Number(first.hand === 'left'),
      second: Number(second.hand === 'left'),
      doubtsApart: TAPER_DOUBTS,
    });
  const angles = [first, second].map((thread) => THREAD_FORMS[thread.form].angleDeg) as [number, number];
  if (!known.has('form-angle') && angles[0] !== angles[1]) {
    const doubtsApart = Math.abs(angles[0] - angles[1]) / ANGLE_DOUBT_DEG.blade;
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
  // A reading that would show the same of both parts nothing: better none than that one.
  if (known.has('test-screw') || binds === Infinity) return best && best.doubtsApart > 0 ? best : null;
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
 * A candidate that a reading contradicts by more
 * than three of its doubts is never clear. Precedence of the outcome: none of these; clear from 90 %; likely from 60 %; else
 * not enough evidence.
 * @example identify([{ kind: 'male-major', mm: 7.88, halfWidthMm: 0.05, worn: false }, { kind: 'pitch', overMm: 12.5, pitches: 10, halfWidthMm: 0.2 }]).candidates[0].thread.id // 'M8x1.25'
 */
export function identify(evidence: readonly Evidence[], among: readonly Thread[] = THREADS): Identification {
  check(evidence);
  // A hand that nothing speaks of is taken as right; else both are weighed.
  const handed = evidence.some(({ kind }) => kind === 'hand' || kind === 'test-screw');
  const weighed = among.flatMap((thread) =>
    (handed ? HANDS : RIGHT).map(({ hand, share }) => {
      const fits = evidence.map((piece) => fitOf(thread, piece, hand));
      const against = worstOf(fits);
      const met = SERIES_WEIGHT[thread.series] * share * (against === null ? 1 : CONTRADICTED_WEIGHT);
      return { thread, hand, weight: fits.reduce((product, fit) => product * fit.likelihood, met), fits, against };
    }),
  );
  const noneWeight = evidence.reduce((product, piece) => product * noneLikelihood(piece), NONE_WEIGHT);
  const total = weighed.reduce((sum, row) => sum + row.weight, noneWeight);
  const candidates = weighed
    .sort((a, b) => b.weight - a.weight || (a.thread.id < b.thread.id ? -1 : 1))
    .slice(0, LISTED)
    .map(({ thread, hand, weight, fits, against }) => ({
      thread: withHand(thread, hand),
      probability: weight / total,
      misfitsMm: fits.map((fit) => fit.misfitMm),
      against,
    }));
  const noneProbability = noneWeight / total;
  const [first, second] = candidates;
  const outcome = outcomeOf(candidates, noneProbability);
  const none = outcome === 'none-of-these';
  return {
    outcome,
    candidates,
    noneProbability,
    separator: first && second && second.probability > 0.01 ? separate(first.thread, second.thread, evidence) : null,
    lookAlikes: first && !none ? lookAlikesOf(first.thread) : [],
    asRead: none ? asRead(evidence) : null,
  };
}

const RIGHT = [{ hand: 'right', share: 1 }] as const;
const HANDS = [
  { hand: 'right', share: 1 - LEFT_SHARE },
  { hand: 'left', share: LEFT_SHARE },
] as const;

function worstOf(fits: readonly Fit[]): Candidate['against'] {
  const doubts = Math.max(...fits.map(({ doubtsOff }) => doubtsOff));
  return doubts > CONTRADICTED_DOUBTS
    ? { index: fits.findIndex(({ doubtsOff }) => doubtsOff === doubts), doubts }
    : null;
}

/** Contradicted, the best is never it: another that no reading contradicts may be, else none of these. */
function outcomeOf(candidates: readonly Candidate[], noneProbability: number): Identification['outcome'] {
  const [first] = candidates;
  if (!first || noneProbability > first.probability) return 'none-of-these';
  if (first.against !== null)
    return candidates.some(({ against, probability }) => against === null && probability > noneProbability)
      ? 'not-enough'
      : 'none-of-these';
  return first.probability >= CLEAR ? 'clear' : first.probability >= LIKELY ? 'likely' : 'not-enough';
}

/** How near a form must be to an angle that was read, in degrees. */
const FORM_WITHIN_DEG = 1.5;

/** The size as it was read, to be written down as it is: a good screw measures about its name, its pitch to a hundredth. */
function asRead(evidence: readonly Evidence[]): Thread | null {
  const find = <K extends Evidence['kind']>(kind: K) =>
    evidence.find((piece): piece is Extract<Evidence, { kind: K }> => piece.kind === kind);
  const [major, pitch, count, angle] = [
    find('male-major'),
    find('pitch'),
    find('threads-per-inch'),
    find('form-angle'),
  ];
  const pitchMm = pitch ? pitch.overMm / pitch.pitches : count ? inchToMm(1) / count.count : null;
  if (!major || pitchMm === null || !angle) return null;
  const form = CUSTOM_FORMS.find(
    (row) => Math.abs(THREAD_FORMS[row.form].angleDeg - angle.deg) <= FORM_WITHIN_DEG,
  )?.form;
  if (form === undefined) return null;
  const read = { majorMm: roundTo(major.mm, 2), pitchMm: roundTo(pitchMm, 3), form };
  return canBeCustom(read) ? customThread(read) : null;
}
