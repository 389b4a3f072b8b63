import { choiceOf, choiceRow, classesOf, isAsked, threadById, type ChoiceId, type HoleChoices } from '@deep-mend/core';
import { NumberField, Pick, Tick, WordsField, type Choose } from './fields.tsx';

interface Props {
  id: ChoiceId;
  choices: Partial<HoleChoices>;
  disabled: boolean;
  choose: Choose;
  /** What follows from the rest where nobody said; default: what its row takes it as. */
  follows?: boolean;
}

/** Which of a choice's options the hole has; undefined: all. A thread has the classes of its own standard. */
const offeredHere = (id: ChoiceId, { threadId }: Partial<HoleChoices>): readonly string[] | undefined =>
  id === 'fitClass' && threadId ? classesOf(threadById(threadId)).internal : undefined;

/** A choice as its row says: a list, a tick or a number; nothing while it is not asked for. */
export function ChoiceField({ id, choices, disabled, choose, follows }: Props) {
  if (!isAsked(id, choices)) return null;
  const common = { field: id, disabled, choose };
  const value = follows ?? choiceOf(choices, id);
  const row = choiceRow(id);
  switch (row.kind) {
    case 'flag':
      return <Tick {...common} checked={value === true} />;
    case 'number':
      return <NumberField {...common} value={value as number | null} />;
    case 'text':
      return row.offered.length === 0 ? (
        <WordsField {...common} value={String(value ?? '')} />
      ) : (
        <Pick {...common} value={String(value ?? '')} />
      );
    default:
      return <Pick {...common} value={value === null ? '' : String(value)} only={offeredHere(id, choices)} />;
  }
}
