import type { ParentGroup, ParentMaterial } from './ParentMaterial.ts';

/** What chips look like (practice; a look is no proof of an alloy). */
export const CHIP_LOOKS = [
  { id: 'long-curls', name: 'Long curls or strings, grey and tough' },
  { id: 'crumbs', name: 'Short grey crumbs, or dust that blackens the fingers' },
  { id: 'soft-curls', name: 'Soft bright curls, light, that stick' },
  { id: 'flakes', name: 'Silvery flakes that weigh nothing' },
  { id: 'yellow', name: 'Yellow or red crumbs or needles' },
  { id: 'plastic', name: 'White or coloured ribbons, or what smears and smells' },
  { id: 'blue', name: 'Blue or brown' },
  { id: 'powder', name: 'Bright powder and a squeal, hardly a chip' },
  { id: 'two', name: 'Two kinds at once' },
] as const;
export type ChipLook = (typeof CHIP_LOOKS)[number]['id'];

interface Chips {
  metal: string;
  looks: readonly ChipLook[];
  /** As one sign: what comes when a drill gets into it. */
  sign: string;
}

/** What a metal's chips look like, by its group. */
const OF_GROUP: Readonly<Record<ParentGroup, Chips>> = {
  aluminium: { metal: 'aluminium', looks: ['soft-curls'], sign: 'bright soft curls' },
  magnesium: {
    metal: 'magnesium',
    looks: ['flakes'],
    sign: 'light silvery flakes (dry and clear of sparks: they burn)',
  },
  // Die-cast zinc crumbles, its softer alloys curl.
  zinc: { metal: 'zinc', looks: ['soft-curls', 'crumbs'], sign: 'bright crumbly chips' },
  iron: { metal: 'cast iron', looks: ['crumbs'], sign: 'short black crumbs' },
  steel: { metal: 'steel', looks: ['long-curls'], sign: 'chips of another colour, and the feed changes' },
  stainless: { metal: 'stainless steel', looks: ['long-curls'], sign: 'tough bright curls, and the feed changes' },
  copper: { metal: 'brass or bronze', looks: ['yellow'], sign: 'yellow or red chips' },
  plastic: { metal: 'plastic', looks: ['plastic'], sign: 'soft strings' },
};
/** Ductile iron curls where grey iron crumbles. */
const OF_ID: Readonly<Partial<Record<string, Chips>>> = {
  'ductile-iron': { metal: 'ductile iron', looks: ['crumbs', 'long-curls'], sign: 'short grey curls' },
};

/** @example chipsOfMetal({ id: 'grey-iron', group: 'iron' }).sign // 'short black crumbs' */
export const chipsOfMetal = ({ id, group }: Pick<ParentMaterial, 'id' | 'group'>): Chips =>
  OF_ID[id] ?? OF_GROUP[group];

/** Metals whose chips look so. @example metalsOfLook('yellow') // ['brass or bronze'] */
export const metalsOfLook = (look: ChipLook): string[] =>
  Object.values(OF_GROUP)
    .filter(({ looks }) => looks.includes(look))
    .map(({ metal }) => metal);
