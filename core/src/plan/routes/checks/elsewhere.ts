import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';

export type ElsewhereFacts = Record<string, never>;

/** Another shop judges and answers for it. */
export const judgeElsewhere = (): CheckOf<'elsewhere', ElsewhereFacts> => ({
  ...STATEMENT,
  kind: 'elsewhere',
  id: 'elsewhere',
  verdict: 'with-care',
  facts: {},
  remedy: 'refer',
});

export const elsewhere: CheckKind<ElsewhereFacts> = {
  title: () => 'Done elsewhere',
  words: () => 'another shop judges and answers for it; this record goes with the part',
  working: null,
  step: () => 'Send the readings and this record with the part.',
};
