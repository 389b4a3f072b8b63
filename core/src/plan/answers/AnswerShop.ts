import { parseLength, type UnitSystem } from '../../basis/units/index.ts';
import type { ShopRules } from '../../judge/hole/index.ts';

/** What an answer takes from the shop: its rules, its drills, and the units that it reads a bare number in and speaks. */
export interface AnswerShop extends ShopRules {
  units: UnitSystem;
}

/** A length in a question, in mm, or null when the text is none. */
export function answerLengthMm(text: string, shop: AnswerShop, maxMm = 2000): number | null {
  const parsed = parseLength(text, { bareUnit: shop.units, minMm: 0.1, maxMm });
  return parsed.ok ? parsed.length.mm : null;
}
