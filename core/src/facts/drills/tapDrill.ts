import type { Working } from '../../basis/checks/index.ts';
import { THREADS, type Thread } from '../threads/index.ts';
import { rackDrills, type DrillSize, type Rack } from './drillSizes.ts';
import { expectedBoreMm } from './expectedBore.ts';
import { boreForShare, FULL_HEIGHT_PER_PITCH, shareOfThread } from './shareOfThread.ts';

/** Under this share a drill is refused anywhere; under LIGHT it is for light duty; over FULL the tap may seize. */
export const SHARE_REFUSED_UNDER = 0.4;
export const SHARE_LIGHT_UNDER = 0.6;
export const SHARE_FULL_OVER = 0.85;

export type TapDrillJudgement = 'fits' | 'light-duty' | 'refused-thin' | 'refused-body-size' | 'refused-full' | 'tight';

export interface TapDrill {
  drill: DrillSize;
  /** Share of full thread by the drill's own size. */
  share: number;
  /** Share by the bore that it is expected to leave. */
  shareExpected: number;
  expectedBoreMm: number;
  judgement: TapDrillJudgement;
  /** What the choice costs, in words. */
  cost: string;
}

/**
 * Judges one bore as a tap drill. Precedence: at or over the major diameter → body size; under 40 % → refused;
 * over 85 % → refused in tough material, tight elsewhere; under 60 % → light duty; else fits.
 */
export function judgeTapDrill(thread: Thread, boreMm: number, tough: boolean): TapDrillJudgement {
  const share = shareOfThread(thread, boreMm);
  // A drill within a twentieth of the pitch of the major diameter leaves nothing that a tap could cut.
  if (boreMm >= thread.majorMm - 0.05 * thread.pitchMm) return 'refused-body-size';
  if (!(share >= SHARE_REFUSED_UNDER)) return 'refused-thin';
  if (share > SHARE_FULL_OVER) return tough ? 'refused-full' : 'tight';
  if (share < SHARE_LIGHT_UNDER) return 'light-duty';
  return 'fits';
}

/** Other threads of the same diameter that this bore suits: common series first, then by share. For "this drill suits 3/8-24". */
export function threadsThatSuit(thread: Thread, boreMm: number): { thread: Thread; share: number }[] {
  return THREADS.filter(
    (t) => t.id !== thread.id && t.family === thread.family && Math.abs(t.majorMm - thread.majorMm) < 0.01,
  )
    .map((t) => ({ thread: t, share: shareOfThread(t, boreMm) }))
    .filter(({ share }) => share >= 0.5 && share <= SHARE_FULL_OVER)
    .sort(
      (a, b) =>
        Number(a.thread.series === 'UNEF') - Number(b.thread.series === 'UNEF') ||
        Math.abs(a.share - 0.75) - Math.abs(b.share - 0.75),
    );
}

function costOf(share: number, targetShare: number, judgement: TapDrillJudgement): string {
  switch (judgement) {
    case 'refused-body-size':
      return 'it bores the whole thread away: this is the size of the screw, not of the tap drill';
    case 'refused-thin':
      return 'too little thread is left to carry a load';
    case 'refused-full':
      return 'so much thread that the tap is likely to snap in this material';
    case 'tight':
      return 'more thread than the usual: the tap works hard and gains almost no strength';
    case 'light-duty':
      return 'easy to tap, light duty only';
    case 'fits':
      if (share > targetShare + 0.03) return 'a fuller thread; the tap turns harder';
      if (share < targetShare - 0.03) return 'a little less thread; the tap turns easier';
      return 'what the house rule asks for';
  }
}

export interface TapDrillChoice {
  targetShare: number;
  /** The bore that would leave the target share exactly. */
  idealMm: number;
  /** The drill to take, or null when none in the rack is fit. */
  best: TapDrill | null;
  /** Nearest sizes below and above the ideal, nearest first: what to take when the best is missing. */
  smaller: TapDrill[];
  larger: TapDrill[];
}

export interface TapDrillOptions {
  targetShare: number;
  tough: boolean;
  rack: Rack;
}

/** Describes one drill for one thread. */
export function describeTapDrill(thread: Thread, drill: DrillSize, options: Omit<TapDrillOptions, 'rack'>): TapDrill {
  const bore = expectedBoreMm(drill.diameterMm);
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

/** Shares this close are one as good as the other, so the thread's own system decides. */
const SAME_SHARE = 0.03;

/**
 * The tap drill from a rack, by share of full thread, with the neighbours on both sides. Within 3 % of the target a
 * drill of the thread's own system is preferred, because that is what the tap's shank and the shop's chart name.
 * @example chooseTapDrill(threadById('M8x1.25'), { targetShare: 0.76, tough: false, rack: FULL_RACK }).best.drill.id // '6.8 mm'
 */
export function chooseTapDrill(thread: Thread, options: TapDrillOptions): TapDrillChoice {
  const idealMm = boreForShare(thread, options.targetShare);
  const described = rackDrills(options.rack)
    .filter((drill) => Math.abs(drill.diameterMm - idealMm) < 0.4 * thread.pitchMm + 0.6)
    .map((drill) => describeTapDrill(thread, drill, options));
  const native = thread.family === 'metric' ? 'mm' : 'in';
  const distance = (tapDrill: TapDrill) => Math.abs(tapDrill.share - options.targetShare);
  const rank = (tapDrill: TapDrill) =>
    Math.max(distance(tapDrill), SAME_SHARE) + (tapDrill.drill.system === native ? 0 : 0.001);
  const fit = described.filter(
    (d) => d.judgement === 'fits' || d.judgement === 'light-duty' || d.judgement === 'tight',
  );
  const best = [...fit].sort((a, b) => rank(a) - rank(b) || distance(a) - distance(b))[0] ?? null;
  const others = described.filter((d) => d.drill.id !== best?.drill.id).sort((a, b) => distance(a) - distance(b));
  return {
    targetShare: options.targetShare,
    idealMm,
    best,
    smaller: others.filter((d) => d.drill.diameterMm < idealMm).slice(0, 3),
    larger: others.filter((d) => d.drill.diameterMm >= idealMm).slice(0, 3),
  };
}

/** Working of a share of thread. */
export function shareWorking(thread: Thread, boreMm: number): Working {
  return {
    title: `Share of full thread, ${thread.designation}`,
    formula: 'share = (D − drill) / (1.299038 · P)',
    symbols: [
      { symbol: 'D', meaning: 'major diameter', value: thread.majorMm, unit: 'mm' },
      { symbol: 'drill', meaning: 'drill', value: boreMm, unit: 'mm' },
      { symbol: 'P', meaning: 'pitch', value: thread.pitchMm, unit: 'mm' },
    ],
    result: { symbol: 'share', value: shareOfThread(thread, boreMm), unit: '' },
    source: 'drill chart convention for 60° threads; basic minor diameter is 83.3 %',
    notes: [`${FULL_HEIGHT_PER_PITCH} P is the full height on diameter`],
  };
}
