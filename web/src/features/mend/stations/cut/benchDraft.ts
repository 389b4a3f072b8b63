import type { UnitSystem } from '@deep-mend/core';
import type { SentBy } from '../../../../parts/FromInstrument.tsx';
import { isNumber, isRecord, isText, onDevice } from '../../../../base/kept.ts';

/** What a bench has counted at the step that is open: on this device, between the events. */
export interface BenchDraft {
  stepId: string;
  turns: number;
  /** Presses in their order, so that each can be taken back. */
  presses: number[];
  /** The mark that was last seen to: squared, cleared. */
  seenAt: number;
  /** Turns at which it was last out and cleared. */
  clearedAt: number;
  startedAt: number;
  /** What was read at it, as it was typed, and the unit of a bare number; by which instrument it came, where one sent it. */
  reading?: { text: string; units: UnitSystem; by?: SentBy | undefined } | undefined;
}

export const blankDraft = (stepId: string): BenchDraft => ({
  stepId,
  turns: 0,
  presses: [],
  seenAt: 0,
  clearedAt: 0,
  startedAt: Date.now(),
});

const isRead = (value: unknown): value is BenchDraft['reading'] =>
  value === undefined ||
  (isRecord(value) &&
    isText(value.text) &&
    (value.by === undefined || (isRecord(value.by) && isText(value.by.instrument))) &&
    (value.units === 'mm' || value.units === 'in'));
const isDraft = (value: unknown): value is BenchDraft =>
  isRecord(value) &&
  typeof value.stepId === 'string' &&
  [value.turns, value.seenAt, value.clearedAt, value.startedAt].every(isNumber) &&
  Array.isArray(value.presses) &&
  value.presses.every(isNumber) &&
  isRead(value.reading);

const keyOf = (mendId: string, planId: string): string => `bench:${mendId}:${planId}`;

/** The draft of a plan's bench; null: none, or of another step. */
export function draftOf(mendId: string, planId: string, stepId: string): BenchDraft | null {
  const kept = onDevice.value(keyOf(mendId, planId), isDraft);
  return kept?.stepId === stepId ? kept : null;
}
export const keepDraft = (mendId: string, planId: string, draft: BenchDraft): void =>
  onDevice.keep(keyOf(mendId, planId), draft);
export const forgetDraft = (mendId: string, planId: string): void => onDevice.forget(keyOf(mendId, planId));
