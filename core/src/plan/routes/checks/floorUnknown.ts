import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';

export type FloorUnknownFacts = { floorName: string; looked: boolean; tipMm: number };

export const judgeFloorUnknown = (facts: FloorUnknownFacts): CheckOf<'floor-unknown', FloorUnknownFacts> => ({
  ...STATEMENT,
  kind: 'floor-unknown',
  id: 'floor',
  verdict: 'with-care',
  facts,
  // Nobody said what lies there: the answer may settle it sooner than a measurement.
  settledBy: facts.looked ? 'floor' : 'behind',
  shut: true,
});

export const floorUnknown: CheckKind<FloorUnknownFacts> = {
  title: ({ floorName, looked }) => (looked ? `Floor over the ${floorName}` : 'Floor under it'),
  words: ({ floorName, looked, tipMm }, _verdict, say) =>
    looked
      ? `what lies under the hole is ${floorName} and the floor is not measured; the tip goes to ${say.length(tipMm)}`
      : `nobody looked what lies under the hole; the tip goes to ${say.length(tipMm)}, deeper than the hole is`,
  working: null,
};
