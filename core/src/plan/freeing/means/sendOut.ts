import { spoilsNothing, steps, type MeansMethod } from '../Means.ts';

export const sendOut: MeansMethod<Record<string, never>> = {
  judge: () => ({ verdict: 'with-care', facts: {} }),
  title: () => 'Send it out',
  because: () => 'another shop judges and answers for it',
  steps: () => steps('Send the part with what was tried: this page prints it.'),
  stop: () => '',
  spoils: spoilsNothing,
};
