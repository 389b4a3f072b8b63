import type { ShopSettings } from '@deep-mend/contract';

type Rules = ShopSettings['rules'];
/** One part of the settings that is decided for itself, by its way from the top. */
export type Part = readonly [keyof ShopSettings] | readonly ['rules', keyof Rules];

/** Every part that there is: what two people change in different parts stands side by side. */
const partsOf = (settings: ShopSettings): Part[] =>
  (Object.keys(settings) as (keyof ShopSettings)[]).flatMap((key): Part[] =>
    key === 'rules' ? (Object.keys(settings.rules) as (keyof Rules)[]).map((rule) => [key, rule] as const) : [[key]],
  );

/** @example partOf(settings, ['rules', 'tapDrill']) // 'by-material' */
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
  const changed = partsOf(mine).filter((part) => !same(partOf(saw, part), partOf(mine, part)));
  return {
    settings: changed.reduce((all, part) => withPart(all, part, partOf(mine, part)), theirs),
    collisions: changed.filter(
      (part) => !same(partOf(saw, part), partOf(theirs, part)) && !same(partOf(mine, part), partOf(theirs, part)),
    ),
  };
}
