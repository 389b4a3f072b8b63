import { shareOfThread } from '../../facts/drills/index.ts';
import { boreRadiusAt, type WornBore } from '../damage/index.ts';
import { overlapFactor } from './factors.ts';
import type { Thread } from '../../facts/threads/index.ts';

/** 5° steps: an ellipse has no detail finer than that. */
const STEPS = 72;

/**
 * Contact left round an oval bore: at each angle the larger of the drilled bore and the ellipse, its share of thread
 * turned into contact, averaged over the arc. Never a mean diameter: an oval holds on its short axis only.
 * @example overlapAround(threadById('M8x1.25'), 6.85, { aMm: 6.8, bMm: 6.8, alongMm: 0, acrossMm: 0 }, 6.912) // 1
 */
export function overlapAround(thread: Thread, boreMm: number, oval: WornBore | null, minorMaxMm: number): number {
  let sum = 0;
  for (let step = 0; step < STEPS; step += 1) {
    const angle = (2 * Math.PI * step) / STEPS;
    const local = oval ? Math.max(boreMm, 2 * boreRadiusAt(oval, angle)) : boreMm;
    sum += local <= minorMaxMm ? 1 : overlapFactor(shareOfThread(thread, local));
  }
  return sum / STEPS;
}
