import type { HoleCase } from '../../../judge/hole/index.ts';
import type { Route } from '../../routes/index.ts';
import { noNumber, type StepKind, type StepOf } from '../WorkStep.ts';

export type CleanFacts = { blind: boolean };

export const cleanSteps = (hole: HoleCase, { cut }: Route): StepOf<'clean', CleanFacts>[] =>
  cut.tapLeads.length > 0 ? [{ kind: 'clean', id: 'clean', facts: { blind: hole.kind === 'blind' } }] : [];

export const clean: StepKind<CleanFacts> = {
  title: () => 'Clean the thread',
  what: () => 'Vacuum, then solvent if a thread locker follows. Look for chips at the bottom.',
  number: noNumber,
  caution: ({ blind }) => (blind ? 'No air gun at a blind hole without a shield.' : null),
};
