import { choiceRow, FASTENER_CLASS_NAMES, keep, PARENTS, type ChoiceId, type ChoiceRow } from '@deep-mend/core';

export interface Option {
  value: string;
  text: string;
}

const named = (rows: readonly { id: string; name: string }[]): Option[] =>
  rows.map(({ id, name }) => ({ value: id, text: name }));

const offeredBy = keep((row: ChoiceRow): Option[] => {
  if (row.kind === 'options') return named(row.options);
  if (row.kind === 'text') return row.offered.map((text) => ({ value: text, text }));
  if (row.kind === 'row' && row.of === 'parent') return named(PARENTS);
  return row.kind === 'row' && row.of === 'fastener-class' ? named(FASTENER_CLASS_NAMES) : [];
});

/** What a choice offers, by its row. Made once: a memoised field sleeps only while its options stay the same object. */
export const optionsOf = (id: ChoiceId): Option[] => offeredBy(choiceRow(id));
