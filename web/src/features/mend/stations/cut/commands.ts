import { turnsWords } from '@deep-mend/core';
import type { BenchProps, StepTold } from './BenchProps.ts';
import type { BenchView } from './useBench.ts';

/** What the bench asks about, over the step. */
export type Asking = 'cut' | 'stiff' | 'otherwise' | 'hand-over' | null;

/** What the one key says at a mark, and what is done there. */
export const MARK_KEYS = {
  square: {
    key: 'Square, go on',
    what: 'Look from two sides at right angles. True: go on. Leaning: out, and begin again.',
  },
  machine: { key: 'At the wrench, go on', what: 'Out of the machine now: the wrench takes over, by hand.' },
  clear: {
    key: 'Cleared, go on',
    what: 'Take it all the way out. Brush or vacuum the chips, tool and hole; never blow.',
  },
  last: { key: 'Felt, go on', what: 'The last two turns by feel: light, and stop at the bottom.' },
  end: { key: 'Step done', what: 'All turns are made. Out with it, and clean.' },
} as const;

/** What each key does now, and its words: one key, or a foot switch, carries a mend through. */
export function commandsOf(
  props: Pick<BenchProps, 'onStep' | 'onProve'>,
  view: BenchView,
  ask: (what: Asking) => void,
) {
  const { onStep, onProve } = props;
  const { step, index, steps, turnPlan, state, pending, draft, told } = view;
  const last = index === steps.length - 1;
  const [mark] = pending;
  const atEnd = state === null || mark === 'end' || (mark === undefined && state.left <= 0);
  // A step that cuts is asked about before the first thing is done at it.
  const begun = draft.turns > 0 || told.has(step.id);
  const record = async (end: StepTold['end'], note: string) => {
    const recorded = await onStep({
      stepId: step.id,
      end,
      note,
      seconds: Math.max(0, Math.round((Date.now() - draft.startedAt) / 1000)),
      ...(turnPlan && draft.turns > 0 ? { turns: draft.turns } : {}),
    });
    if (!recorded) return;
    view.look(null);
    if (last) onProve();
  };
  const primary = (): { words: string; act: () => void } => {
    if (told.has(step.id) && !last) return { words: 'Done already, next', act: () => view.look(index + 1) };
    if (mark !== undefined && mark !== 'end') return { words: MARK_KEYS[mark].key, act: view.seen };
    if (atEnd) return { words: last ? 'Measure what was cut' : 'Done, next', act: () => void record('done', '') };
    return { words: `+ ${turnsWords(view.advance)} on`, act: () => view.turn(view.advance) };
  };
  const go = primary();
  const needsAsking = step.noReturn === true && !begun;
  const asked = (act: () => void) => (needsAsking ? () => ask('cut') : act);
  return {
    record,
    words: go.words,
    act: asked(go.act),
    actNow: go.act,
    /** Null: no turn is made here now. */
    turnOn: turnPlan && pending.length === 0 ? asked(() => view.turn(view.advance)) : null,
  };
}
export type BenchCommand = ReturnType<typeof commandsOf>;
