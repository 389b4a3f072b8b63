import type { Say } from '../../basis/units/index.ts';
import type { Way } from '../../facts/ways/index.ts';
import { UNKNOWN_EDGE_D, type HoleCase } from '../../judge/hole/index.ts';
import type { Check } from './checks/registry.ts';

/** What nobody looked at yet and a look settles: it stands in the card's first step, and the machine waits for its tick. */
export const TICK_IDS = ['crack', 'earlier', 'edge', 'behind'] as const;
export type TickId = (typeof TICK_IDS)[number];
export type Tick = {
  id: TickId;
  /** How much there must be of it; null: it is there or it is not. */
  limitMm: number | null;
};

/**
 * What is to be looked at before a way is begun. Only what the way reaches: what lies behind a through hole is a tick where
 * nothing is sent there; where something is, `behind` asks for it.
 */
export function ticksOf(hole: HoleCase, way: Way, checks: readonly Check[]): Tick[] {
  if (way.elsewhere || !way.atThisHole) return [];
  const touches = way.drills || way.threadCarries;
  const asked = (reading: string) => checks.some((check) => check.settledBy === reading);
  const ticks: Tick[] = [];
  if (hole.crack === null) ticks.push({ id: 'crack', limitMm: null });
  if (!hole.earlierSeen && touches) ticks.push({ id: 'earlier', limitMm: null });
  if (hole.edge === null && touches && !asked('edge'))
    ticks.push({ id: 'edge', limitMm: (UNKNOWN_EDGE_D.unfavourable - 0.5) * hole.thread.majorMm });
  if (hole.kind === 'through' && hole.behind === null && touches && !checks.some(({ id }) => id === 'behind'))
    ticks.push({ id: 'behind', limitMm: null });
  return ticks;
}

const WORDS: { readonly [Id in TickId]: (limitMm: number | null, say: Say) => string } = {
  crack: () => 'no crack runs to the hole or ends near it',
  earlier: () => 'it holds no old coil, bush or plug',
  edge: (limitMm, say) => `${say.length(limitMm ?? 0)} of metal beside the old thread, all round`,
  behind: () => 'nothing behind it that a chip or a screw’s end could harm',
};

/** @example tickWords({ id: 'edge', limitMm: 3.2 }, SAY.mm) // '3.2 mm of metal beside the old thread, all round' */
export const tickWords = ({ id, limitMm }: Tick, say: Say): string => WORDS[id](limitMm, say);
