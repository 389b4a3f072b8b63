import { COUNTERSINK_OVER_MM } from '../../cutting/index.ts';
import type { Route } from '../../routes/index.ts';
import { noCaution, type StepKind, type StepOf } from '../WorkStep.ts';

export type CountersinkFacts = { majorMm: number };

export const countersinkSteps = ({ depths, cut }: Route): StepOf<'countersink', CountersinkFacts>[] =>
  depths.countersinkMm > 0 ? [{ kind: 'countersink', id: 'countersink', facts: { majorMm: cut.majorMm } }] : [];

export const countersink: StepKind<CountersinkFacts> = {
  title: () => 'Countersink lightly',
  what: ({ majorMm }, say) =>
    `90° until the mouth is ${say.atMost(majorMm + COUNTERSINK_OVER_MM)}, just over the thread.`,
  number: ({ majorMm }) => ({ label: 'mouth', valueMm: majorMm + COUNTERSINK_OVER_MM, safe: 'down' }),
  caution: noCaution,
};
