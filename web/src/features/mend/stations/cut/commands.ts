import { LAST_TURNS, turnsWords } from '@deep-mend/core';
import type { BenchProps, StepTold } from './BenchProps.ts';
import type { BenchView } from './useBench.ts';

/** What the bench asks about, over the step; before metal goes, with what was pressed. */
export type Asking = 'stiff' | 'otherwise' | 'hand-over' | 'reading' | 'chips' | { cut: () => void } | null;

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
  last: { key: 'Felt, go on', what: `The last ${LAST_TURNS} turns by feel: light, and stop at the bottom.` },
  end: { key: 'Step done', what: 'All turns are made. Out with it, and clean.' },
} as const;

/** What each key does now, and its words: one key, or a foot switch, carries a mend through. */
export function commandsOf(
  props: Pick<BenchProps, 'onStep' | 'onProve'>,
  view: BenchView,
  ask: (what: Asking) => void,
  /** Acts, unless the step has only just come. */
  settled: (act: () => void) => void,
) {
  const { onStep, onProve } = props;
  const { step, index, steps, turnPlan, bites, state, pending, draft, told, reading } = view;
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
      ...(reading?.length.ok
        ? {
            reading: {
              text: reading.length.length.text,
              mm: reading.length.length.mm,
              ...draft.reading?.by,
            },
          }
        : {}),
      ...(turnPlan && draft.turns > 0 ? { turns: draft.turns } : {}),
    });
    if (!recorded) return;
    view.look(null);
    if (last) onProve();
  };
  const primary = (): { words: string; act: () => void; turns?: true } => {
    if (told.has(step.id) && !last) return { words: 'Done already, next', act: () => view.look(index + 1) };
    if (mark !== undefined && mark !== 'end') return { words: MARK_KEYS[mark].key, act: view.seen };
    if (reading && !reading.length.ok) return { words: 'Look at the reading', act: () => ask('reading') };
    // Outside its limits it is not done as the card says: somebody says what was done about it.
    if (reading && reading.judged?.place !== 'inside')
      return { words: 'Outside: say what is done', act: () => ask('otherwise') };
    if (atEnd) return { words: last ? 'Measure what was cut' : 'Done, next', act: () => void record('done', '') };
    return { words: `+ ${turnsWords(view.advance)} on`, act: () => view.turn(view.advance), turns: true };
  };
  const go = primary();
  const needsAsking = step.noReturn === true && !begun;
  const asked = (act: () => void) => () => settled(needsAsking ? () => ask({ cut: act }) : act);
  return {
    record,
    words: go.words,
    /** The one key makes the turns: a second that does the same is in the way where there is little room. */
    turning: go.turns === true,
    act: asked(go.act),
    /** A turn, or a bite of a drill; null: none is made here now. */
    turnOn:
      turnPlan && pending.length === 0
        ? asked(() => view.turn(view.advance))
        : bites && bites.done < bites.count
          ? asked(() => view.turn(1))
          : null,
  };
}
export type BenchCommand = ReturnType<typeof commandsOf>;
