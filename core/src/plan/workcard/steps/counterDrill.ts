import type { Route } from '../../routes/index.ts';
import { noCaution, type StepKind, type StepOf } from '../WorkStep.ts';

export type CounterDrillFacts = { depthMm: number; majorMm: number };

export const counterDrillSteps = ({ counterDrillMm, cut }: Route): StepOf<'counter-drill', CounterDrillFacts>[] =>
  counterDrillMm === null
    ? []
    : [
        {
          kind: 'counter-drill',
          id: 'counter-drill',
          minutes: 3,
          facts: { depthMm: counterDrillMm, majorMm: cut.majorMm },
        },
      ];

export const counterDrill: StepKind<CounterDrillFacts> = {
  title: () => 'Counter-drill the mouth, if you like',
  what: ({ depthMm, majorMm }, say) =>
    `The first ${say.atMost(depthMm)} may be bored clear to ${say.atLeast(majorMm)}, just over the thread: less to tap, and the tap starts straighter.`,
  number: ({ depthMm }) => ({ label: 'no deeper than', valueMm: depthMm, safe: 'down' }),
  caution: noCaution,
};
