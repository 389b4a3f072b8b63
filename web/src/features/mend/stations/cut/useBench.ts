import {
  advanceOf,
  biteDepthMm,
  bitePlanOf,
  judgeReading,
  parseLength,
  readingAt,
  turnPlanOf,
  turnsAt,
  type FrozenPlan,
  type MendEntry,
  type UnitSystem,
} from '@deep-mend/core';
import { useEffect, useMemo, useState } from 'react';
import type { SentBy } from '../../../../parts/FromInstrument.tsx';
import { blankDraft, draftOf, keepDraft, type BenchDraft } from './benchDraft.ts';

export type BenchStep = FrozenPlan['said']['mm']['steps'][number];

/** Steps at the machine, and the first that nobody has done: it follows from the record, so that any device goes on there. */
export function stepsOf(plan: FrozenPlan, units: UnitSystem, mend: Pick<MendEntry, 'steps' | 'planId'>) {
  const steps = plan.said[units].steps.filter(({ afterProof }) => !afterProof);
  const told = new Set(mend.steps.filter(({ planId }) => planId === mend.planId).map(({ stepId }) => stepId));
  const open = steps.findIndex(({ id }) => !told.has(id));
  return { steps, told, open: open === -1 ? steps.length - 1 : open, allDone: open === -1 };
}

/** A copy of the count goes to the server at most so often: it is no event. */
export const COPY_EVERY_MS = 10_000;

/** No hole is deeper than this. */
const MOST_READ_MM = 500;

/** Copies what was counted, some time after the last press. */
function useCopied({ stepId, turns }: BenchDraft, onCopy: (stepId: string, turns: number) => void): void {
  useEffect(() => {
    if (turns === 0) return undefined;
    const copying = setTimeout(() => onCopy(stepId, turns), COPY_EVERY_MS);
    return () => clearTimeout(copying);
  }, [stepId, turns, onCopy]);
}

/** The step that is shown and what is counted at it. */
export function useBench({
  plan,
  mend,
  units,
  onCopy,
}: {
  plan: FrozenPlan;
  mend: Pick<MendEntry, 'id' | 'planId' | 'steps'>;
  units: UnitSystem;
  /** Copies a count; it may fail, and nothing waits for it. */
  onCopy: (stepId: string, turns: number) => void;
}) {
  const planId = mend.planId ?? '';
  const { steps, told, open, allDone } = useMemo(() => stepsOf(plan, units, mend), [plan, units, mend]);
  const [looking, setLooking] = useState<number | null>(null);
  const index = looking ?? open;
  const step = steps[index]!;
  const { turnPlan, bitePlan, asked } = useMemo(() => {
    const frozen = plan.steps.find(({ id }) => id === step.id);
    return {
      turnPlan: frozen ? turnPlanOf(frozen) : null,
      bitePlan: frozen ? bitePlanOf(frozen) : null,
      asked: frozen ? readingAt(plan, frozen) : null,
    };
  }, [plan, step.id]);
  const [kept, setKept] = useState<BenchDraft>(() => draftOf(mend.id, planId, step.id) ?? blankDraft(step.id));
  const draft = kept.stepId === step.id ? kept : (draftOf(mend.id, planId, step.id) ?? blankDraft(step.id));
  const keep = (next: BenchDraft) => {
    keepDraft(mend.id, planId, next);
    setKept(next);
  };

  useCopied(draft, onCopy);

  const last = draft.presses.at(-1) ?? 0;
  const state = turnPlan && turnsAt(turnPlan, draft.turns, Math.max(draft.seenAt, draft.turns - last));
  const pending = state !== null && draft.seenAt < draft.turns ? state.now : [];
  const typed = asked && draft.reading && draft.reading.text.trim() !== '' ? draft.reading : null;
  const length = typed && parseLength(typed.text, { bareUnit: typed.units, minMm: 0, maxMm: MOST_READ_MM });
  return {
    /** What is read at this step; null: nothing. */
    asked,
    /** What was typed for it, as a length or why it is none, and held against its limits. */
    reading: length && asked && { length, judged: length.ok ? judgeReading(asked, length.length) : null },
    steps,
    told,
    index,
    open,
    allDone,
    step,
    turnPlan,
    /** Bites of a drill, which may be counted or not; null: it goes in one. */
    bites: bitePlan && {
      count: bitePlan.count,
      done: Math.min(draft.turns, bitePlan.count),
      tipMm: biteDepthMm(bitePlan, draft.turns),
      nextMm: biteDepthMm(bitePlan, draft.turns + 1),
    },
    draft,
    state,
    /** What is asked for before the next turn. */
    pending,
    /** The last press makes what is left: a count never passes the plan unasked. */
    advance: turnPlan ? Math.min(advanceOf(turnPlan), state && state.left > 0 ? state.left : Infinity) : 0,
    look: (to: number | null) =>
      setLooking(to === null || to === open ? null : Math.min(steps.length - 1, Math.max(0, to))),
    turn: (by: number) => keep({ ...draft, turns: draft.turns + by, presses: [...draft.presses, by] }),
    undo: () => {
      const by = draft.presses.at(-1);
      if (by === undefined) return;
      const back = draft.turns - by;
      keep({
        ...draft,
        turns: back,
        presses: draft.presses.slice(0, -1),
        seenAt: Math.min(draft.seenAt, back),
        clearedAt: Math.min(draft.clearedAt, back),
      });
    },
    // A number typed on keeps its unit; an emptied field begins again in the unit that is shown.
    read: (text: string, by?: SentBy) => {
      const before = draft.reading;
      keep({
        ...draft,
        reading: { text, units: before && before.text.trim() !== '' ? before.units : units, by },
      });
    },
    seen: () =>
      keep({ ...draft, seenAt: draft.turns, clearedAt: state?.now.includes('clear') ? draft.turns : draft.clearedAt }),
    /** From another device, where this one has counted nothing. */
    take: (from: { stepId: string; turns: number }) => {
      if (from.stepId === step.id && draft.presses.length === 0)
        keep({ ...draft, turns: from.turns, presses: [from.turns], seenAt: from.turns });
    },
  };
}
export type BenchView = ReturnType<typeof useBench>;
