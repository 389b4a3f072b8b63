import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';

export type FloorUnknownFacts = { floorName: string; tipMm: number };

export const judgeFloorUnknown = (facts: FloorUnknownFacts): CheckOf<'floor-unknown', FloorUnknownFacts> => ({
  ...STATEMENT,
  kind: 'floor-unknown',
  id: 'floor',
  verdict: 'with-care',
  facts,
  settledBy: 'floor',
});

export const floorUnknown: CheckKind<FloorUnknownFacts> = {
  title: ({ floorName }) => `Floor over the ${floorName}`,
  words: ({ floorName, tipMm }, _verdict, say) =>
    `what lies under the hole is ${floorName} and the floor is not measured; the tip goes to ${say.length(tipMm)}`,
  working: null,
};
