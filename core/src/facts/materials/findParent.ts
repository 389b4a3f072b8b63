import type { ParentMaterial } from './ParentMaterial.ts';
import { PARENTS } from './tables/parents.ts';

/** What people call a material when they are in a hurry, by the row it means. */
const SHORT_NAMES: Readonly<Record<string, string>> = {
  iron: 'grey-iron',
  'cast iron': 'grey-iron',
  'grey iron': 'grey-iron',
  'gray iron': 'grey-iron',
  ductile: 'ductile-iron',
  'sg iron': 'ductile-iron',
  'cast steel': 'cast-steel',
  steel: 'mild-steel',
  'mild steel': 'mild-steel',
  'carbon steel': 'medium-carbon-steel',
  'alloy steel': 'alloy-steel',
  alloy: 'alloy-steel',
  '4140': 'alloy-steel',
  '4340': 'alloy-steel',
  stainless: 'austenitic-stainless',
  inox: 'austenitic-stainless',
  '303': 'austenitic-stainless',
  '304': 'austenitic-stainless',
  '316': 'austenitic-stainless',
  'cast aluminium': 'aluminium-sand-cast',
  'die-cast aluminium': 'aluminium-die-cast',
  aluminium: 'aluminium-6xxx',
  aluminum: 'aluminium-6xxx',
  alu: 'aluminium-6xxx',
  '6061': 'aluminium-6xxx',
  '6082': 'aluminium-6xxx',
  '7075': 'aluminium-7xxx',
  magnesium: 'magnesium-cast',
  zinc: 'zinc-die-cast',
  brass: 'brass',
  bronze: 'bronze',
  plastic: 'engineering-plastic',
  nylon: 'engineering-plastic',
};

/**
 * The parent that a short name means: a material number, a plain word, or the beginning of a row's name; null when none.
 * @example findParent('316').id // 'austenitic-stainless'
 */
export function findParent(text: string): ParentMaterial | null {
  const wanted = text.trim().toLowerCase();
  if (wanted === '') return null;
  const id = SHORT_NAMES[wanted] ?? wanted;
  return (
    PARENTS.find((row) => row.id === id) ?? PARENTS.find((row) => row.name.toLowerCase().startsWith(wanted)) ?? null
  );
}
