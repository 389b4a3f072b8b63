import { chipsOfMetal } from '../../facts/materials/index.ts';
import type { StuckCase } from './StuckCase.ts';

export interface Chips {
  /** What comes while the drill is still in the fastener. */
  sound: string;
  /** What comes once it is in the parent. */
  parent: string;
  /** The sign to stop. */
  stop: string;
}

/**
 * Chips to expect while the drill is in a steel fastener, and those of the parent, which say stop.
 * @example chipsOf({ stainless: false, parent: parentById('aluminium-sand-cast') }).stop // 'Chips turn from long blue or grey curls to bright soft curls'
 */
export function chipsOf({ stainless, parent }: Pick<StuckCase, 'stainless' | 'parent'>): Chips {
  const sound = stainless ? 'long tough bright curls' : 'long blue or grey curls';
  const inParent = chipsOfMetal(parent).sign;
  return { sound, parent: inParent, stop: `Chips turn from ${sound} to ${inParent}` };
}
