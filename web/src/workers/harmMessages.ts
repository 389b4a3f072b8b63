import type { HarmInput, HarmOfDrill } from '@deep-mend/core';

/** What the page asks of the worker: the case, and the same case with other set-ups. */
export interface HarmQuestion {
  input: Omit<HarmInput, 'random'>;
  levers: { id: string; input: Omit<HarmInput, 'random'> }[];
}

export type HarmAnswer =
  | { kind: 'cloud'; pointsMm: [x: number, y: number][] }
  | { kind: 'progress'; share: number }
  | { kind: 'done'; drills: HarmOfDrill[] }
  | { kind: 'lever'; id: string; recommendedMm: number | null };
