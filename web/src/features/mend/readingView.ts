import { doubtWords } from '@deep-mend/core';
import {
  quantityRow,
  explainLengthProblem,
  questionReading,
  threadById,
  type HouseRules,
  type InstrumentId,
  type QuantityId,
  type ReadingEntry,
  type UnitSystem,
} from '@deep-mend/core';
import { doubtMmOf, readDraft, readHalfWidth, type Draft } from './drafts.ts';

export interface ReadingInput {
  quantity: QuantityId;
  /** The thread, once it is known: a reading that does not go with it is asked about. */
  threadId: string | undefined;
  /** What is recorded, and what is typed over it. */
  entry: ReadingEntry | undefined;
  draft: Draft | undefined;
  units: UnitSystem;
  /** The shop's own figures, where it uses some. */
  rules: Pick<HouseRules, 'own'>;
}

/** What a reading's field shows round its text. */
export interface ReadingView {
  drafted: boolean;
  unit: string;
  instrument: InstrumentId;
  halfWidth: string;
  /** The half-width in words: as the reading is typed, before that in the shop's unit. */
  doubt: string;
  /** Why the half-width cannot be read. */
  doubtProblem: string | null;
  /** Why it cannot be recorded: of its text, else of its half-width. */
  problem: string | null;
  /** What is asked about a reading that can be read. */
  question: string | null;
}

const SHOWN_UNIT = { mm: 'mm', in: 'in', thou: 'thou', number: '', letter: '' } as const;
const BARE = /^[\d.,\s]+$/;

/** A bare number typed over a recorded one means what that one meant. */
function startedUnits(entry: ReadingEntry | undefined, units: UnitSystem): UnitSystem {
  return entry && BARE.test(entry.text) && (entry.notation === 'mm' || entry.notation === 'in')
    ? entry.notation
    : units;
}

/** What is typed; else what is recorded, ready to be typed over. */
export function startedDraft({ quantity, entry, draft, units, rules }: ReadingInput): Draft {
  const { usual } = quantityRow(quantity);
  return (
    draft ?? {
      text: entry?.text ?? '',
      instrument: entry?.instrument ?? usual,
      halfWidth: String(entry?.halfWidthMm ?? doubtMmOf(usual, rules)),
      units: startedUnits(entry, units),
    }
  );
}

export function readingView(input: ReadingInput): ReadingView {
  const { quantity, threadId, entry, draft, units } = input;
  const { text, instrument, halfWidth } = startedDraft(input);
  const parsed = draft && draft.text.trim() !== '' ? readDraft(quantity, draft) : null;
  const doubt = readHalfWidth({ halfWidth });
  const doubtProblem = doubt.ok ? null : explainLengthProblem(doubt.problem);
  const bare = BARE.test(text);
  const notation = parsed?.ok ? parsed.length.notation : draft ? draft.units : (entry?.notation ?? units);
  return {
    drafted: draft !== undefined,
    unit: draft ? (bare ? draft.units : '') : entry && bare ? SHOWN_UNIT[entry.notation] : text === '' ? units : '',
    instrument,
    halfWidth,
    doubt: doubt.ok ? doubtWords(doubt.length.mm, notation) : halfWidth,
    doubtProblem,
    problem: parsed && !parsed.ok ? explainLengthProblem(parsed.problem) : doubtProblem,
    question: parsed?.ok && threadId ? questionReading(quantity, parsed.length, threadById(threadId)) : null,
  };
}

/**
 * What one field shows as it is typed in: the same object for as long as nothing round the text changes, so that the
 * field is not drawn again for a key that only adds to its text. Another field's key costs it one comparison.
 */
export function viewsOf(input: Omit<ReadingInput, 'draft'>): (draft: Draft | undefined) => ReadingView {
  let of: Draft | undefined;
  let view = readingView({ ...input, draft: of });
  return (draft) => {
    if (draft === of) return view;
    of = draft;
    const next = readingView({ ...input, draft });
    if ((Object.keys(next) as (keyof ReadingView)[]).some((key) => next[key] !== view[key])) view = next;
    return view;
  };
}
