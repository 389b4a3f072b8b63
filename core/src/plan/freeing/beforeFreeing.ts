import type { StuckCase } from './StuckCase.ts';

/** What comes before anything is turned, heated or drilled. */
export type BeforeId = 'look' | 'release' | 'cylinder' | 'falls' | 'level' | 'file';

/** Something still pushes behind it, as somebody said, or as what lies behind says until it is let go. */
export const isHeld = ({ behindIt, behind }: Pick<StuckCase, 'behindIt' | 'behind'>): boolean =>
  behindIt === 'there' || (behindIt === null && behind === 'pressure');

/**
 * Whether it may close a vessel: a plug, or whatever leads into a closed space, until somebody says that nothing is in there
 * or that it was drained and vented. A closed vessel is never heated or welded.
 * @example mayCloseVessel({ what: 'plug', behindIt: null, behind: null }) // true
 */
export const mayCloseVessel = ({ what, behindIt, behind }: Pick<StuckCase, 'what' | 'behindIt' | 'behind'>): boolean =>
  behindIt === 'there' || (behindIt === null && (what === 'plug' || (behind !== null && behind !== 'nothing')));

/** In their order; none where everything was looked at and nothing is in the way. */
export function beforeFreeing(stuck: StuckCase): BeforeId[] {
  const { behindIt, behind, cylinder, through, what, hardnessKnown } = stuck;
  const ids: BeforeId[] = [];
  if (isHeld(stuck)) ids.push('release');
  else if (behindIt === null) ids.push('look');
  if (cylinder) ids.push('cylinder');
  else if (through && behind === 'closed') ids.push('falls');
  if (behind === 'liquid') ids.push('level');
  if (what === 'dowel' && !hardnessKnown) ids.push('file');
  return ids;
}

const WORDS: Readonly<Record<BeforeId, string>> = {
  look: 'Before anything: look for pressure, a spring, a load or fuel behind it. Release, drain, vent, support; then say so.',
  release:
    'Stop: something pushes behind it. Let the pressure or the spring off, drain the fuel, hold the load up; then say so. Nothing is turned, heated or drilled before.',
  cylinder:
    'Piston low, both valves shut; a rod through the hole gives the room. Grease on drill and tap, few chips at a time, vacuum; look in with a borescope.',
  falls:
    'Nothing may fall into the space behind: grease on the drill, a rag behind it where a hand reaches, vacuum, never blow; look in with a borescope, and flush what it falls into.',
  level: 'Let the level down below the hole first.',
  file: 'Try a file on it: one that skates over it says hardened, and then no ordinary drill starts.',
};
export const beforeWords = (id: BeforeId): string => WORDS[id];

/** What heat does to things near, named so that each is looked for. */
const HEAT_TICKS = {
  watch: 'somebody watches for fire, also for half an hour after, an extinguisher at hand; oil and cleaner wiped off',
  closed: 'nothing closed gets hot: tank, drum, pipe or hollow is open, empty and vented',
  seal: 'no seal of fluoro-rubber gets hot: burnt, it leaves an acid that eats flesh',
  plating: 'no cadmium or zinc plating gets hot without draught and mask: its fume is poison',
  cleaner: 'no chlorinated cleaner was used near it: heat makes phosgene of it',
  struts: 'no gas strut, airbag, tyre or battery near it',
} as const;
export type HeatTickId = keyof typeof HEAT_TICKS;
export const HEAT_TICK_IDS = Object.keys(HEAT_TICKS) as [HeatTickId, ...HeatTickId[]];
export const heatTickWords = (id: HeatTickId): string => HEAT_TICKS[id];

/** Cautions that stand beside every means; a metal's own come on top, never instead. */
export function cautionsOf({ parent, stainless }: StuckCase): string[] {
  const rows = [
    'Eyes and face guarded, gloves off at a turning spindle. Heat and oil: clear what burns, an extinguisher at hand.',
    'Chips: vacuum, magnet or brush, never blown.',
  ];
  if (parent.group === 'magnesium') rows.push('Magnesium chips burn and water feeds them: dry sand ready.');
  if (stainless && parent.group === 'stainless')
    rows.push('Stainless in stainless galls: slowly, with grease, and back at once when it tightens.');
  return rows;
}
