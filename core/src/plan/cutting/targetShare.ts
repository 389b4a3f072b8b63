import type { ParentMaterial } from '../../facts/materials/index.ts';
import { NO_LEAN, shareOfThread, type Lean } from '../../facts/drills/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import type { HouseRules } from '../../judge/hole/index.ts';

/** Depth over diameter from which a thread is deep, and below which it is short (rules of thumb; docs/methods.md, Drills). */
const DEEP_D = 1.5;
const SHORT_D = 0.75;

/** General work: 75 to 77 %, about what major minus pitch leaves (rule of thumb; docs/methods.md, Drills). */
export const USUAL_SHARE = 0.76;

/** Up to #4 (0.112 in) taps snap before they strip: less thread (rule of thumb; docs/methods.md, Drills). */
const SMALL_UP_TO_MM = 2.85;

/** Which neighbour to take when the drill wanted is missing (docs/methods.md, Drills). */
function leanOf(parent: Pick<ParentMaterial, 'cutting'>, depthD: number): Lean {
  if (parent.cutting === 'tough') return { side: 'larger', because: 'tough' };
  if (depthD > DEEP_D && parent.cutting !== 'soft') return { side: 'larger', because: 'deep' };
  if (depthD < SHORT_D) return { side: 'smaller', because: 'few-turns' };
  return NO_LEAN;
}

/** Why a share of thread is aimed at. */
export type ShareReason = keyof typeof SHARE_WORDS;

const SHARE_WORDS = {
  'chart-75': 'house rule: the 75 % chart',
  'major-minus-pitch': 'house rule: major minus pitch',
  small: 'small taps snap: a little less thread',
  tough: 'tough: the largest drill inside the class spares the tap',
  'short-soft': 'short and soft: keep all the thread there is',
  general: 'general work: 75 to 77 %',
} as const;

/** @example shareWords('small') // 'small taps snap: a little less thread' */
export const shareWords = (because: ShareReason): string => SHARE_WORDS[because];

/**
 * The share of full thread to aim for, and why. Rules of thumb (docs/methods.md, Drills): by material and depth 76 %, tough
 * 63 % or as much as the class allows, up to M2.5 and #4 68 %, short soft threads under 0.75 D 80 %; or the 75 % chart; or major minus pitch (77 %).
 */
export function targetShare(
  thread: Thread,
  parent: Pick<ParentMaterial, 'cutting'>,
  depthMm: number,
  rule: HouseRules['tapDrill'],
): { share: number; because: ShareReason; lean: Lean } {
  const depthD = depthMm / thread.majorMm;
  const lean = leanOf(parent, depthD);
  if (thread.majorMm <= SMALL_UP_TO_MM && rule === 'by-material') return { share: 0.68, because: 'small', lean };
  if (rule === 'chart-75') return { share: 0.75, because: 'chart-75', lean };
  if (rule === 'major-minus-pitch') {
    return {
      share: shareOfThread(thread, thread.majorMm - thread.pitchMm),
      because: 'major-minus-pitch',
      lean,
    };
  }
  if (parent.cutting === 'tough') return { share: 0.63, because: 'tough', lean };
  if (parent.cutting === 'soft' && depthD < SHORT_D) return { share: 0.8, because: 'short-soft', lean };
  return { share: USUAL_SHARE, because: 'general', lean };
}
