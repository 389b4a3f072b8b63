import { positive } from '../../basis/numeric/index.ts';
import type { Thread } from '../threads/index.ts';

/** 60° forms: the conventional full height on diameter, 1.299038 P (H·3/2). Basic minor is 83.3 % of it. */
export const FULL_HEIGHT_PER_PITCH = 1.299038;

/**
 * Share of full thread (0..1) that a bore leaves, in the drill chart's convention (D − bore)/(1.299038 P). Not the
 * share of the basic internal height (1.0825 P), which reads one fifth higher.
 * @example shareOfThread(threadById('3/8-16'), 8.73125) // 0.385
 */
export function shareOfThread(thread: Pick<Thread, 'majorMm' | 'pitchMm'>, boreMm: number): number {
  return (thread.majorMm - positive(boreMm, 'bore')) / (FULL_HEIGHT_PER_PITCH * thread.pitchMm);
}

/** The bore that leaves a given share of full thread. @example boreForShare({ majorMm: 8, pitchMm: 1.25 }, 0.75) // 6.782 */
export function boreForShare(thread: Pick<Thread, 'majorMm' | 'pitchMm'>, share: number): number {
  return thread.majorMm - share * FULL_HEIGHT_PER_PITCH * thread.pitchMm;
}
