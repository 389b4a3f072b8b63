import type { Route } from '../../routes/index.ts';
import type { StepKind, StepOf } from '../WorkStep.ts';

export type ProveFacts = { designation: string; reachMm: number };

export const proveStep = ({ thread, depths }: Route): StepOf<'prove', ProveFacts> => ({
  kind: 'prove',
  id: 'prove',
  facts: { designation: thread.designation, reachMm: depths.screwReachMm },
});

export const prove: StepKind<ProveFacts> = {
  title: () => 'Prove it',
  what: ({ designation, reachMm }, say) =>
    `Run the gauge of ${designation}, or a known good screw, to ${say.atMost(reachMm)}; measure the bore and the depth.`,
  number: ({ reachMm }) => ({ label: 'thread to', valueMm: reachMm, safe: 'down' }),
  caution: () => 'A screw that fits shows only that the thread is not too small.',
};
