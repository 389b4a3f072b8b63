import { parseLength, type UnitSystem } from '../../basis/units/index.ts';
import type { ShopRules } from '../../judge/hole/index.ts';

/** What the Desk takes from the shop: its rules, its drills and the unit of a bare number. */
export interface DeskShop extends ShopRules {
  bareUnit: UnitSystem;
}

/** A length for the Desk, in mm, or null when the text is none. */
export function deskLengthMm(text: string, shop: DeskShop, maxMm = 2000): number | null {
  const parsed = parseLength(text, { bareUnit: shop.bareUnit, minMm: 0.1, maxMm });
  return parsed.ok ? parsed.length.mm : null;
}
