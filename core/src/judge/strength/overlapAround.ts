import { shareOfThread } from '../../facts/drills/index.ts';
import { boreRadiusAt, type WornBore } from '../damage/index.ts';
import { overlapFactor } from './factors.ts';
import type { Thread } from '../../facts/threads/index.ts';

/** 5° steps: an ellipse has no detail finer than that. */
const STEPS = 72;

/** No point of the bore's wall is farther out than this on diameter. */
const widestMm = ({ aMm, bMm, alongMm, acrossMm }: WornBore) => Math.max(aMm, bMm) + 2 * Math.hypot(alongMm, acrossMm);

/**
 * Contact left round an oval bore: at each angle the larger of the drilled bore and the ellipse, its share of thread
 * turned into contact, averaged over the arc. Never a mean diameter: an oval holds on its short axis only.
 * @example overlapAround(threadById('M8x1.25'), 6.85, { aMm: 6.8, bMm: 6.8, alongMm: 0, acrossMm: 0 }, 6.912) // 1
 */
export function overlapAround(
  thread: Pick<Thread, 'majorMm' | 'pitchMm' | 'form'>,
  boreMm: number,
  oval: WornBore | null,
  minorMaxMm: number,
): number {
  const contact = (bore: number) => (bore <= minorMaxMm ? 1 : overlapFactor(shareOfThread(thread, bore)));
  // Where the drill takes away all that was worn, the bore is round again.
  if (oval === null || widestMm(oval) <= boreMm) return contact(boreMm);
  let sum = 0;
  for (let step = 0; step < STEPS; step += 1) {
    const angle = (2 * Math.PI * step) / STEPS;
    sum += contact(Math.max(boreMm, 2 * boreRadiusAt(oval, angle)));
  }
  return sum / STEPS;
}
