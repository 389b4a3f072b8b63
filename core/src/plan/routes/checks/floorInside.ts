import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';

export type FloorInsideFacts = { floorName: string; tipMm: number; depthMm: number };

export const judgeFloorInside = (facts: FloorInsideFacts): CheckOf<'floor-inside', FloorInsideFacts> => ({
  ...STATEMENT,
  kind: 'floor-inside',
  id: 'floor',
  verdict: 'holds',
  facts,
});

export const floorInside: CheckKind<FloorInsideFacts> = {
  title: () => 'Floor under it',
  words: ({ tipMm, depthMm }, _verdict, say) =>
    `the drill stays in the old hole: its tip goes to ${say.length(tipMm)}, the hole to ${say.length(depthMm)}`,
  working: null,
};
