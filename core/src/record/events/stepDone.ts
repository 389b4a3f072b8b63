import type { EventKind } from './EventKind.ts';

/** How a step at the machine ended. */
export const STEP_ENDS = [
  { id: 'done', name: 'done' },
  { id: 'otherwise', name: 'done otherwise than the card says' },
  { id: 'not-done', name: 'not done' },
] as const;
export type StepEnd = (typeof STEP_ENDS)[number]['id'];

/** One step of a card at its end: what came of it, what was counted or read, and why where it differs. */
export type StepDone = {
  mendId: string;
  planId: string;
  stepId: string;
  end: StepEnd;
  /** Why, where it is not simply done; else what is worth telling. */
  note: string;
  /** Turns from the first bite, where a tap was counted. */
  turns?: number | undefined;
  /** What was read at it, as it was typed, or came from the instrument that is named. */
  reading?: { text: string; mm: number; instrument?: string | undefined; simulated?: true | undefined } | undefined;
  /** From its beginning on this device to its end. */
  seconds?: number | undefined;
};

export const stepDone: EventKind<StepDone> = {
  class: 'observed',
  version: 1,
  upcast: {},
  standsOnRevision: false,
  apply: (file, payload, { happenedAt, actor }) => {
    const mend = file.mends.find((entry) => entry.id === payload.mendId);
    mend?.steps.push({ ...payload, at: happenedAt, actor });
  },
};
