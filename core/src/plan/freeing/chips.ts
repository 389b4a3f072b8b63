import type { StuckCase } from './StuckCase.ts';

export interface Chips {
  /** What comes while the drill is still in the fastener. */
  sound: string;
  /** What comes once it is in the parent. */
  parent: string;
  /** The sign to stop. */
  stop: string;
}

const OF_PARENT: Readonly<Record<StuckCase['parent']['group'], string>> = {
  aluminium: 'bright soft curls',
  magnesium: 'light silvery flakes (dry and clear of sparks: they burn)',
  zinc: 'bright crumbly chips',
  iron: 'short black crumbs',
  steel: 'chips of another colour, and the feed changes',
  stainless: 'tough bright curls, and the feed changes',
  copper: 'yellow or red chips',
  plastic: 'soft strings',
};

/**
 * Chips to expect while the drill is in a steel fastener, and those of the parent, which say stop.
 * @example chipsOf({ stainless: false, parent: parentById('aluminium-sand-cast') }).stop // 'Chips turn from long blue or grey curls to bright soft curls'
 */
export function chipsOf({ stainless, parent }: Pick<StuckCase, 'stainless' | 'parent'>): Chips {
  const sound = stainless ? 'long tough bright curls' : 'long blue or grey curls';
  // Ductile iron curls where grey iron crumbles.
  const inParent = parent.id === 'ductile-iron' ? 'short grey curls' : OF_PARENT[parent.group];
  return { sound, parent: inParent, stop: `Chips turn from ${sound} to ${inParent}` };
}
