import { keepBy } from '../../basis/keep/index.ts';
import { internalLimits, THREADS, type Thread } from '../threads/index.ts';
import { rackDrills, type Rack, type RackDrill } from './drillSizes.ts';
import { expectedBoreMm, type Drilling } from './expectedBore.ts';
import { boreForShare, shareOfThread } from './shareOfThread.ts';

/** Under this share a drill is refused anywhere; under LIGHT it is for light duty; over FULL the tap may seize (rules of thumb; docs/methods.md, Drills). */
export const SHARE_REFUSED_UNDER = 0.4;
export const SHARE_LIGHT_UNDER = 0.6;
export const SHARE_FULL_OVER = 0.85;

export type TapDrillJudgement =
  | 'fits'
  | 'light-duty'
  | 'refused-thin'
  | 'refused-body-size'
  | 'refused-full'
  | 'tight'
  /** A taper pipe thread: drilled and reamed by its own gauge, never by a parallel chart. */
  | 'refused-taper';

export interface TapDrill {
  drill: RackDrill;
  /** Share of full thread by the drill's own size. */
  share: number;
  /** Share by the bore that it is expected to leave. */
  shareExpected: number;
  expectedBoreMm: number;
  judgement: TapDrillJudgement;
  /** What the choice costs. */
  cost: DrillCost;
}

/** What taking a drill costs: by its share of thread, or for a coil by the insert thread’s limits. */
export type DrillCost =
  | Exclude<TapDrillJudgement, 'fits'>
  | 'fuller'
  | 'easier'
  | 'as-asked'
  | 'coil-fits'
  | 'coil-may-cut-over'
  | 'coil-tight'
  | 'coil-loose';

/**
 * Judges one bore as a tap drill. Precedence: taper pipe → refused; at or over the major diameter → body size; under 40 % →
 * refused; then by form. ISO 60°: over 85 % → refused in tough material, tight elsewhere; under 60 % → light duty; else
 * fits. Other forms go by their class's minor limits: under them → refused, the tap would bind; over them → light duty.
 */
export function judgeTapDrill(thread: Thread, boreMm: number, tough: boolean): TapDrillJudgement {
  if (thread.taper !== null) return 'refused-taper';
  const share = shareOfThread(thread, boreMm);
  // A drill within a twentieth of the pitch of the major diameter leaves nothing that a tap could cut.
  if (boreMm >= thread.majorMm - 0.05 * thread.pitchMm) return 'refused-body-size';
  if (!(share >= SHARE_REFUSED_UNDER)) return 'refused-thin';
  if (thread.form !== 'iso-60') {
    const { minorMinMm, minorMaxMm } = internalLimits(thread);
    if (boreMm < minorMinMm - 1e-9) return 'refused-full';
    return boreMm > minorMaxMm + 1e-9 ? 'light-duty' : 'fits';
  }
  if (share > SHARE_FULL_OVER) return tough ? 'refused-full' : 'tight';
  if (share < SHARE_LIGHT_UNDER) return 'light-duty';
  return 'fits';
}

/** Series that few shops hold taps of come last. */
const rarity = (thread: Thread) => Number(['UNEF', 'UN', 'fittings', 'BSF', 'Acme', 'Tr'].includes(thread.series));

/** Other threads of the same diameter that this bore suits: common series first, then by share. For "this drill suits 3/8-24". */
export function threadsThatSuit(thread: Thread, boreMm: number): { thread: Thread; share: number }[] {
  return THREADS.filter(
    (t) =>
      t.id !== thread.id &&
      t.taper === null &&
      Math.abs(t.majorMm - thread.majorMm) < 0.01 &&
      t.pitchMm !== thread.pitchMm,
  )
    .map((t) => ({ thread: t, share: shareOfThread(t, boreMm) }))
    .filter(({ share, thread: t }) =>
      t.form === 'iso-60'
        ? share >= 0.5 && share <= SHARE_FULL_OVER
        : boreMm >= internalLimits(t).minorMinMm && boreMm <= internalLimits(t).minorMaxMm,
    )
    .sort(
      (a, b) =>
        Number(a.thread.family !== thread.family) - Number(b.thread.family !== thread.family) ||
        rarity(a.thread) - rarity(b.thread) ||
        Math.abs(a.share - 0.75) - Math.abs(b.share - 0.75),
    );
}

/** From this far off the share aimed at it is worth a word (our estimate). */
const WORTH_A_WORD = 0.03;

function costOf(share: number, targetShare: number, judgement: TapDrillJudgement): DrillCost {
  if (judgement !== 'fits') return judgement;
  if (share > targetShare + WORTH_A_WORD) return 'fuller';
  return share < targetShare - WORTH_A_WORD ? 'easier' : 'as-asked';
}

/** Which side to lean to when the drill that is wanted is not there, and why. */
export interface Lean {
  side: 'larger' | 'smaller' | 'nearer';
  because: LeanReason;
}
export type LeanReason = 'nearest' | 'tough' | 'deep' | 'few-turns';

export const NO_LEAN: Lean = { side: 'nearer', because: 'nearest' };

export interface TapDrillChoice {
  targetShare: number;
  /** The bore that would leave the target share, kept inside the class's minor limits where the form is judged by them. */
  idealMm: number;
  /** The drill to take, or null when none in the rack is fit. */
  best: TapDrill | null;
  /** On which side of the ideal the best lies, and what decided the side; null when there is none. */
  direction: { side: 'exact' | 'larger' | 'smaller'; because: LeanReason } | null;
  /** Nearest sizes below and above the ideal, nearest first: what to take when the best is missing. */
  smaller: TapDrill[];
  larger: TapDrill[];
}

export interface TapDrillOptions {
  targetShare: number;
  tough: boolean;
  rack: Rack;
  /** Default: to neither side. */
  lean?: Lean;
}

/** Describes one drill for one thread. */
export function describeTapDrill(
  thread: Thread,
  drill: RackDrill,
  options: { targetShare: number; tough: boolean; drilling?: Drilling | undefined },
): TapDrill {
  const bore = expectedBoreMm(drill.diameterMm, options.drilling);
  const share = shareOfThread(thread, drill.diameterMm);
  const judgement = judgeTapDrill(thread, drill.diameterMm, options.tough);
  return {
    drill,
    share,
    shareExpected: shareOfThread(thread, bore),
    expectedBoreMm: bore,
    judgement,
    cost: costOf(share, options.targetShare, judgement),
  };
}

/** Shares this close are one as good as the other, so the thread's own system decides (our estimate). */
const SAME_SHARE = 0.03;
/** A drill on the side to lean to may be this much share farther off than one on the other side (our estimate). */
const LEAN_SHARE = 0.04;
/** A drill this close to the ideal is the ideal: closer than it cuts (our estimate). */
const EXACT_MM = 0.03;

/** Of the forms that are judged by their minor limits: where in them to aim. Low is a full thread, high an easy tap. */
const AIM_IN_LIMITS = { low: 0.1, high: 0.9 } as const;

function idealBoreMm(thread: Thread, targetShare: number): number {
  const byShare = boreForShare(thread, targetShare);
  if (thread.form === 'iso-60') return byShare;
  const { minorMinMm, minorMaxMm } = internalLimits(thread);
  const width = minorMaxMm - minorMinMm;
  return Math.min(Math.max(byShare, minorMinMm + AIM_IN_LIMITS.low * width), minorMinMm + AIM_IN_LIMITS.high * width);
}

/**
 * The tap drill from a rack, by share of full thread, with the neighbours on both sides. Within 3 % of the target a
 * drill of the thread's own system is preferred, because that is what the tap's shank and the shop's chart name; a lean
 * (larger in tough or deep metal, smaller in thin or soft) decides between neighbours. A taper pipe thread has none.
 * @example chooseTapDrill(threadById('M8x1.25'), { targetShare: 0.76, tough: false, rack: FULL_RACK }).best.drill.id // '6.8 mm'
 */
export function chooseTapDrill(thread: Thread, options: TapDrillOptions): TapDrillChoice {
  return chosenFrom(options.rack, { thread, lean: NO_LEAN, ...options });
}

type TapDrillQuestion = Required<TapDrillOptions> & { thread: Thread };

const chosenFrom = keepBy(
  ({ thread, targetShare, tough, lean }: TapDrillQuestion) =>
    `${thread.id} ${targetShare} ${tough} ${lean.side} ${lean.because}`,
  (_rack: Rack, question): TapDrillChoice => choose(question),
);

function choose(question: TapDrillQuestion): TapDrillChoice {
  const { thread, targetShare, rack, lean } = question;
  const idealMm = idealBoreMm(thread, targetShare);
  const idealShare = shareOfThread(thread, idealMm);
  const described =
    thread.taper !== null
      ? []
      : rackDrills(rack)
          .filter((drill) => Math.abs(drill.diameterMm - idealMm) < 0.4 * thread.pitchMm + 0.6)
          .map((drill) => describeTapDrill(thread, drill, { ...question, drilling: rack.drilling }));
  const native = thread.threadsPerInch === null ? 'mm' : 'in';
  const distance = (tapDrill: TapDrill) => Math.abs(tapDrill.share - idealShare);
  const sideOf = (tapDrill: TapDrill) =>
    Math.abs(tapDrill.drill.diameterMm - idealMm) <= EXACT_MM
      ? 'exact'
      : tapDrill.drill.diameterMm > idealMm
        ? 'larger'
        : 'smaller';
  const against = (tapDrill: TapDrill) => {
    const side = sideOf(tapDrill);
    return lean.side !== 'nearer' && side !== 'exact' && side !== lean.side ? LEAN_SHARE : 0;
  };
  const rank = (tapDrill: TapDrill) =>
    Math.max(distance(tapDrill), SAME_SHARE) + against(tapDrill) + (tapDrill.drill.system === native ? 0 : 0.001);
  const fit = described.filter(
    (d) => d.judgement === 'fits' || d.judgement === 'light-duty' || d.judgement === 'tight',
  );
  const best = [...fit].sort((a, b) => rank(a) - rank(b) || distance(a) - distance(b))[0] ?? null;
  const others = described.filter((d) => d.drill.id !== best?.drill.id).sort((a, b) => distance(a) - distance(b));
  return {
    targetShare,
    idealMm,
    best,
    direction: best && { side: sideOf(best), because: lean.because },
    smaller: others.filter((d) => d.drill.diameterMm < idealMm).slice(0, 3),
    larger: others.filter((d) => d.drill.diameterMm >= idealMm).slice(0, 3),
  };
}
