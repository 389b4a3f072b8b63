import { STIFF_CAUSE_IDS, type StiffCauseId } from '../../plan/bench/index.ts';
import type { EventKind } from './EventKind.ts';

/** A tool went stiff or broke in the hole: where, and what it was found to be. */
export type WentStiff = {
  mendId: string;
  planId: string;
  stepId: string;
  /** Turns from the first bite, where they were counted. */
  turns: number | null;
  cause: StiffCauseId | 'unknown';
  /** What was done about it. */
  then: 'goes-on' | 'plan-again' | 'broke';
  note: string;
};
export const STIFF_CAUSES_TOLD = [...STIFF_CAUSE_IDS, 'unknown'] as const;
export const STIFF_THENS = ['goes-on', 'plan-again', 'broke'] as const;

export const wentStiff: EventKind<WentStiff> = {
  class: 'observed',
  version: 1,
  upcast: {},
  standsOnRevision: false,
  apply: (file, payload, { happenedAt, actor }) => {
    const mend = file.mends.find((entry) => entry.id === payload.mendId);
    mend?.stiff.push({ ...payload, at: happenedAt, actor });
  },
};
