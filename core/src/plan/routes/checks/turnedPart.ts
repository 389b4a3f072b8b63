import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';

export type TurnedPartFacts = { below: string; above: string };

/** A stepped stud is not bought: it is turned. */
export const judgeTurnedPart = (facts: TurnedPartFacts): CheckOf<'turned-part', TurnedPartFacts> => ({
  ...STATEMENT,
  kind: 'turned-part',
  id: 'turned-part',
  verdict: 'with-care',
  facts,
  remedy: 'turn-part',
});

export const turnedPart: CheckKind<TurnedPartFacts> = {
  title: () => 'Part to be made',
  words: ({ below, above }) =>
    `a stud of ${below} below and ${above} above has to be turned, with a radius at the step`,
  working: null,
  step: () => 'Turn the stepped stud of the old screw’s class, with a radius at the step and a nut above.',
};
