import type { ShopSettings } from '@deep-mend/contract';

type Rules = ShopSettings['rules'];
/** One part of the settings that is decided for itself, by its way from the top. */
export type Part = readonly [keyof ShopSettings] | readonly ['rules', keyof Rules];

/** Every part: what two people change in different parts stands side by side. */
export const PARTS: readonly Part[] = [
  ['name'],
  ['units'],
  ['drillSets'],
  ['missingDrills'],
  ['singleDrills'],
  ['wornDrills'],
  ['drilling'],
  ['setUp'],
  ['rules', 'tapDrill'],
  ['rules', 'coilSetDownTurns'],
  ['rules', 'tapNames'],
  ['rules', 'ranking'],
  ['rules', 'rates'],
  ['rules', 'kit'],
];

/** @example partOf(settings, ['rules', 'tapDrill']) // 'usual' */
export const partOf = (settings: ShopSettings, [first, second]: Part): unknown =>
  second === undefined ? settings[first] : settings.rules[second];

const withPart = (settings: ShopSettings, [first, second]: Part, value: unknown): ShopSettings =>
  second === undefined
    ? { ...settings, [first]: value }
    : { ...settings, rules: { ...settings.rules, [second]: value } };

// Both come from the same parser, which puts keys in one order.
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

export interface Merged {
  /** Theirs, with what was changed here laid over it. */
  settings: ShopSettings;
  /** What both changed, to something else: a person chooses. */
  collisions: readonly Part[];
}

/**
 * Lays what one person changed over what another recorded meanwhile.
 * @param saw - what stood there when it was changed
 */
export function mergeSettings(saw: ShopSettings, mine: ShopSettings, theirs: ShopSettings): Merged {
  const changed = PARTS.filter((part) => !same(partOf(saw, part), partOf(mine, part)));
  return {
    settings: changed.reduce((all, part) => withPart(all, part, partOf(mine, part)), theirs),
    collisions: changed.filter(
      (part) => !same(partOf(saw, part), partOf(theirs, part)) && !same(partOf(mine, part), partOf(theirs, part)),
    ),
  };
}
