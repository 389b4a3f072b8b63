import { threadToMm, type Route } from '../../routes/index.ts';
import type { StepKind, StepOf } from '../WorkStep.ts';

export type ProveFacts = {
  designation: string;
  /** How far down thread is counted on; 0: no thread in the part carries it. */
  reachMm: number;
};

export const proveStep = (route: Route): StepOf<'prove', ProveFacts> => ({
  kind: 'prove',
  id: 'prove',
  facts: { designation: route.thread.designation, reachMm: threadToMm(route) },
});

export const prove: StepKind<ProveFacts> = {
  title: () => 'Prove it',
  what: ({ designation, reachMm }, say) =>
    reachMm > 0
      ? `Run the gauge of ${designation}, or a known good screw, to ${say.atMost(reachMm)}; measure the bore and the depth.`
      : `A good ${designation} screw goes in by hand over its whole length, and what it presses on lies flat.`,
  number: ({ reachMm }) => (reachMm > 0 ? { label: 'thread to', valueMm: reachMm, safe: 'down' } : null),
  caution: () => 'A screw that fits shows only that the thread is not too small.',
};
