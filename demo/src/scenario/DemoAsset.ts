import type { EventPayloads, HoleChoices, QuantityId } from '@deep-mend/core';

export type DemoReadings = Partial<Record<QuantityId, string>>;
export type DemoEnding = 'measure' | 'decide' | 'prepare' | 'prove' | 'mended' | 'sent-out' | 'given-up';

export interface DemoMend {
  what: string;
  daysAgo: number;
  by: 'Mechanic A' | 'Mechanic B';
  choices: Partial<HoleChoices>;
  readings: DemoReadings;
  /** How far it came. Planned mends take the best route. */
  ending: DemoEnding;
  /** Where someone can be hurt: who released it, as named. */
  release?: EventPayloads['released'] extends infer Released ? Omit<Released, 'mendId'> : never;
  note?: string;
}

export interface DemoFace {
  name: string;
  threadId: string;
  /** Holes by name; those with mends list them oldest first. */
  holes: { name: string; mends?: DemoMend[] }[];
}

export interface DemoAsset {
  name: string;
  note: string;
  faces: DemoFace[];
}

/** Holes of which nothing is recorded yet. */
export const plain = (from: number, to: number) =>
  Array.from({ length: to - from + 1 }, (_, i) => ({ name: `Hole ${from + i}` }));
