import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Thread } from '../../../facts/threads/index.ts';

export type TaperFacts = { designation: string; gaugeLengthMm: number };

/** A taper pipe thread seals on its flanks all the way in: nothing that mends a parallel thread may be done to it. */
export const judgeTaper = ({ designation, taper: own }: Thread): CheckOf<'taper', TaperFacts> => ({
  ...STATEMENT,
  kind: 'taper',
  id: 'taper',
  verdict: 'does-not-hold',
  facts: { designation, gaugeLengthMm: own!.gaugeLengthMm },
});

export const taper: CheckKind<TaperFacts> = {
  title: () => 'Parallel thread',
  words: ({ designation, gaugeLengthMm }, _verdict, say) =>
    `${designation} is a taper pipe thread, 1 in 16: it seals on its flanks, hand-tight at ${say.length(gaugeLengthMm)}. Recut it with its own taper tap and gauge, or have a fitter sleeve it`,
  working: null,
};
