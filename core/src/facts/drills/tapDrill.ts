import { roundTo } from '../../basis/numeric/index.ts';
import { keepBy } from '../../basis/keep/index.ts';
import { internalLimits, THREADS, type Thread } from '../threads/index.ts';
import { rackDrills, type Rack, type RackDrill } from './drillSizes.ts';
import { expectedBoreMm, type Drilling } from './expectedBore.ts';
import { boreForShare, shareOfThread } from './shareOfThread.ts';

/** Over its class a drill is refused under this share; over FULL the tap may seize (rules of thumb; docs/methods.md, Drills). */
export const SHARE_REFUSED_UNDER = 0.4;
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
 * Judges one drill, or one bore, for a thread, by the minor limits of its class. Precedence: taper pipe → refused; at or over
 * the major diameter → body size; even the bore that it is expected to cut under the least minor → refused, whatever its share
 * says; its own size over the greatest minor → light duty, under 40 % refused; inside, more thread than a tap stands → tight;
 * else fits.
 * @param expectedMm - the bore that the drill is expected to cut; of a measured bore itself
 * @example judgeTapDrill(threadById('M30x3.5'), 25.4) // 'refused-full'
 */
export function judgeTapDrill(thread: Thread, boreMm: number, expectedMm = boreMm): TapDrillJudgement {
  if (thread.taper !== null) return 'refused-taper';
  // A drill within a twentieth of the pitch of the major diameter leaves nothing that a tap could cut.
  if (boreMm >= thread.majorMm - 0.05 * thread.pitchMm) return 'refused-body-size';
  const { minorMinMm, minorMaxMm } = internalLimits(thread);
  if (expectedMm < minorMinMm - 1e-9) return 'refused-full';
  if (boreMm > minorMaxMm + 1e-9)
    return shareOfThread(thread, boreMm) >= SHARE_REFUSED_UNDER ? 'light-duty' : 'refused-thin';
  return leavesTooMuch(thread, boreMm, expectedMm) ? 'tight' : 'fits';
}

/** Share of thread from which a drill inside its class is no first choice: 60° forms at the drill, 55° and BA at the bore that it cuts. */
const SHARE_FULL_55_OVER = 0.92;

function leavesTooMuch(thread: Thread, drillMm: number, expectedMm: number): boolean {
  switch (thread.form) {
    case 'iso-60':
      return shareOfThread(thread, drillMm) > SHARE_FULL_OVER;
    case 'whitworth-55':
    case 'ba-47.5':
      return shareOfThread(thread, expectedMm) > SHARE_FULL_55_OVER;
    default:
      // A power thread is bored by its class alone.
      return false;
  }
}

/** Series that few shops hold taps of come last. */
const rarity = (thread: Thread) =>
  Number(['UNEF', 'UN', 'fittings', 'BSF', 'brass', 'ME', 'cycle', 'Pg', 'Acme', 'Tr'].includes(thread.series));

/** Series whose taps are not in an ordinary shop: named only beside each other. */
const SPECIAL: readonly Thread['series'][] = ['brass', 'ME', 'cycle', 'Pg'];

/** Share of thread down to which a drill over its class still suits a fine thread, for light duty (rule of thumb). */
const SUITS_FROM_SHARE = 0.5;

const overItsClass = (thread: Thread, boreMm: number): boolean => boreMm > internalLimits(thread).minorMaxMm + 1e-9;

function suits(thread: Thread, boreMm: number): boolean {
  const judgement = judgeTapDrill(thread, boreMm, expectedBoreMm(boreMm));
  return judgement === 'light-duty'
    ? thread.form === 'iso-60' && shareOfThread(thread, boreMm) >= SUITS_FROM_SHARE
    : judgement === 'fits' || judgement === 'tight';
}

/** Other threads of the same diameter that this bore suits: common series first, then by share. For "this drill suits 3/8-24". */
export function threadsThatSuit(thread: Thread, boreMm: number): { thread: Thread; share: number }[] {
  return THREADS.filter(
    (t) =>
      t.id !== thread.id &&
      t.taper === null &&
      (!SPECIAL.includes(t.series) || SPECIAL.includes(thread.series)) &&
      Math.abs(t.majorMm - thread.majorMm) < 0.01 &&
      t.pitchMm !== thread.pitchMm,
  )
    .map((t) => ({ thread: t, share: shareOfThread(t, boreMm) }))
    .filter(({ thread: t }) => suits(t, boreMm))
    .sort(
      (a, b) =>
        Number(overItsClass(a.thread, boreMm)) - Number(overItsClass(b.thread, boreMm)) ||
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
  options: { targetShare: number; drilling?: Drilling | undefined },
): TapDrill {
  const bore = expectedBoreMm(drill.diameterMm, options.drilling);
  const share = shareOfThread(thread, drill.diameterMm);
  const judgement = judgeTapDrill(thread, drill.diameterMm, bore);
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
/** In tough metal, where the largest inside the class is wanted: less than a hundredth of share is no difference (our estimate). */
const SAME_SHARE_TOUGH = 0.01;
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
    `${thread.id} ${thread.fit ?? ''} ${targetShare} ${tough} ${lean.side} ${lean.because}`,
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
  // To a ten-thousandth: two drills as far off on either side are a tie.
  const distance = (tapDrill: TapDrill) => roundTo(Math.abs(tapDrill.share - idealShare), 4);
  const evenTenth = ({ drill }: TapDrill) => Math.round(drill.diameterMm * 10) % 2;
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
  const rank = (tapDrill: TapDrill, same: number) =>
    Math.max(distance(tapDrill), same) + against(tapDrill) + (tapDrill.drill.system === native ? 0 : 0.001);
  // Inside its class beats over it, whatever the lean or the target says; too full or over is taken where nothing else is there.
  const inside = described.filter((d) => d.judgement === 'fits');
  const fit =
    inside.length > 0 ? inside : described.filter((d) => d.judgement === 'light-duty' || d.judgement === 'tight');
  const same = question.tough ? Math.min(...fit.map(distance)) + SAME_SHARE_TOUGH : SAME_SHARE;
  const best =
    [...fit].sort(
      (a, b) => rank(a, same) - rank(b, same) || distance(a) - distance(b) || evenTenth(a) - evenTenth(b),
    )[0] ?? null;
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
