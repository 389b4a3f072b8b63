/** Ratios of strip load to what is asked: from `holds` on it holds, from `care` with care, below it does not. */
export interface Margin {
  holds: number;
  care: number;
}

/** “Fastener breaks first”: strip over break load. 1.25 covers a screw 20 % above its class minimum (docs/methods.md, Strength). */
export const FASTENER_FIRST: Margin = { holds: 1.25, care: 1.0 };

/** “As made”: strip load over that of the same hole new; a hole that failed of weakness must become stronger. */
const AS_MADE: Margin = { holds: 1.0, care: 0.9 };
const STRONGER_THAN_MADE: Margin = { holds: 1.25, care: 1.0 };

/** “Carries the preload”: strip load over preload, by how the joint is loaded; the scatter of tightening is in these margins. */
export const PRELOAD_MARGINS: Readonly<Record<'static' | 'pulsating', Margin>> = {
  static: { holds: 1.5, care: 1.3 },
  pulsating: { holds: 2.0, care: 1.6 },
};

/** Where a failure can hurt someone (docs/methods.md, Duty). */
const HURTS = {
  'fastener-first': { holds: 1.5, care: 1.25 },
  'as-made': { holds: 1.25, care: 1.0 },
  preload: { static: { holds: 2.0, care: 1.5 }, pulsating: { holds: 2.5, care: 2.0 } },
} as const;

/** What a margin hangs on. */
export type MarginOf = { load: 'static' | 'pulsating'; hurts: boolean; tooWeak: boolean };

/** @example marginFor('as-made', { load: 'static', hurts: false, tooWeak: true }).holds // 1.25 */
export function marginFor(mode: 'as-made' | 'fastener-first' | 'preload', { load, hurts, tooWeak }: MarginOf): Margin {
  if (mode === 'preload') return hurts ? HURTS.preload[load] : PRELOAD_MARGINS[load];
  if (hurts) return HURTS[mode];
  if (mode === 'fastener-first') return FASTENER_FIRST;
  return tooWeak ? STRONGER_THAN_MADE : AS_MADE;
}
