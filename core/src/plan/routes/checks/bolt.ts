import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import { breakLoadN } from '../../../judge/strength/index.ts';
import { plausibleFastener, takenFastener } from '../fastener.ts';
import type { RouteContext } from '../Route.ts';

export type BoltFacts = { breakN: number; newN: number | null; className: string };

/** A bolt with a nut of its own class carries what the bolt carries: no thread in the part is asked. */
export function judgeBolt({ hole, made }: RouteContext): CheckOf<'bolt', BoltFacts> {
  const fastener = plausibleFastener(hole, hole.thread, 'unfavourable', 'screw');
  return {
    ...STATEMENT,
    kind: 'bolt',
    id: 'bolt',
    verdict: 'holds',
    facts: {
      breakN: breakLoadN(hole.thread, fastener),
      newN: made.stripN.unfavourable.nominal,
      className: takenFastener(hole, hole.thread).name,
    },
  };
}

export const bolt: CheckKind<BoltFacts> = {
  title: () => 'Bolt and nut carry it',
  words: ({ breakN, newN, className }, _verdict, say) =>
    `${className}: the bolt breaks at ${say.load(breakN)}${newN === null ? '' : `, the thread in the part stripped new at ${say.load(newN)}`}; a nut of the bolt’s class is no weaker than the bolt`,
  working: null,
};
