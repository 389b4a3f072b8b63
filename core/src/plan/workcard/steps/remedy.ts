import { stepOf, titleOf, type Check } from '../../routes/index.ts';
import { noCaution, noNumber, type StepKind, type StepOf } from '../WorkStep.ts';

export type RemedyFacts = { check: Check };

/** What a check asks to be done about it, as a step of its own. */
export const remedySteps = (checks: readonly Check[]): StepOf<'remedy', RemedyFacts>[] =>
  checks.flatMap((check) =>
    check.remedy === undefined ? [] : [{ kind: 'remedy', id: `remedy-${check.remedy}`, minutes: 10, facts: { check } }],
  );

export const remedy: StepKind<RemedyFacts> = {
  title: ({ check }) => titleOf(check),
  what: ({ check }, say) => stepOf(check, say) ?? '',
  number: noNumber,
  caution: noCaution,
};
