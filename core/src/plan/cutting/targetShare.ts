import type { ParentMaterial } from '../../facts/materials/index.ts';
import { shareOfThread } from '../../facts/drills/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import type { HouseRules } from '../../judge/hole/index.ts';

/**
 * The share of full thread to aim for, and why. Rules of thumb (methods.md, schools): by material and depth 76 %, tough
 * 63 %, tough beyond 1.5 D 53 %, short soft threads under 0.75 D 80 %; or the 75 % chart; or major minus pitch (77 %).
 */
export function targetShare(
  thread: Thread,
  parent: ParentMaterial,
  depthMm: number,
  rule: HouseRules['tapDrill'],
): { share: number; because: string } {
  if (rule === 'chart-75') return { share: 0.75, because: 'house rule: the 75 % chart' };
  if (rule === 'major-minus-pitch') {
    return { share: shareOfThread(thread, thread.majorMm - thread.pitchMm), because: 'house rule: major minus pitch' };
  }
  const depthD = depthMm / thread.majorMm;
  if (parent.cutting === 'tough' && depthD > 1.5)
    return { share: 0.53, because: 'tough and deep: the tap has to survive' };
  if (parent.cutting === 'tough') return { share: 0.63, because: 'tough: less thread, almost the same strength' };
  if (parent.cutting === 'soft' && depthD < 0.75)
    return { share: 0.8, because: 'short and soft: keep all the thread there is' };
  return { share: 0.76, because: 'general work: 75 to 77 %' };
}
