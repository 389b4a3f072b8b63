import type { CheckKind, CheckOf } from '../../../basis/checks/index.ts';
import { DILATION_LOWEST_RATIO } from '../../../judge/strength/index.ts';

export type WallUnknownFacts = { edgeName: string; cutMm: number; neededMm: number };

export const judgeWallUnknown = (facts: WallUnknownFacts): CheckOf<'wall-unknown', WallUnknownFacts> => ({
  kind: 'wall-unknown',
  id: 'wall',
  verdict: 'with-care',
  value: null,
  valuePessimistic: null,
  limit: facts.neededMm,
  unit: 'mm',
  facts,
  settledBy: 'edge',
});

export const wallUnknown: CheckKind<WallUnknownFacts> = {
  title: ({ edgeName }) => `Wall to the ${edgeName}`,
  words: ({ cutMm }, _verdict, say) =>
    `the nearest edge is not measured; this cut needs at least ${say.length((DILATION_LOWEST_RATIO / 2) * cutMm)} from the axis`,
  working: ({ cutMm, neededMm }) => ({
    title: 'Wall that the cut needs',
    formula: 'needed = (1.4 − 1) / 2 · cut',
    symbols: [{ symbol: 'cut', meaning: 'major diameter of the thread cut', value: cutMm, unit: 'mm' }],
    result: { symbol: 'needed', value: neededMm, unit: 'mm' },
    source: 'VDI 2230 with Alexander’s dilation factor: valid from s/D = 1.4',
  }),
};
