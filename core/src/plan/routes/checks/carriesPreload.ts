import type { CheckKind } from '../../../basis/checks/index.ts';
import { stripLoadWorking } from '../../../judge/strength/index.ts';
import { doubtWords, OUTSIDE_MODEL, sideWords, unknownWords, type StripsFacts } from './strips.ts';

export type CarriesPreloadFacts = StripsFacts & { needN: number };

/** Does the thread carry the preload of the torque wanted? Judged by `judgeStrength`. */
export const carriesPreload: CheckKind<CarriesPreloadFacts> = {
  title: () => 'Carries the preload',
  words: ({ stripN, side, needN, unknown, doubtful }, _verdict, say) =>
    (stripN === null
      ? OUTSIDE_MODEL
      : `${sideWords(side)} at ${say.load(stripN)}; the tightened screw pulls ${say.load(needN)}`) +
    unknownWords(unknown) +
    doubtWords(doubtful),
  working: ({ strip }) => stripLoadWorking(strip),
};
