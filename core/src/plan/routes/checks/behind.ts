import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { Behind, HoleCase } from '../../../judge/hole/index.ts';

export type BehindFacts = {
  /** Null: nobody looked. */
  behind: Exclude<Behind, 'nothing'> | null;
  cylinder: boolean;
  coil: boolean;
};

/**
 * What lies behind a through hole, and what a way sends there: chips, a coil's tang. Not looked at, the machine waits; a
 * closed space, a liquid or a pressure each ask for an ordinary step.
 */
export function judgeBehind(hole: HoleCase, way: Way): CheckOf<'behind', BehindFacts>[] {
  const { behind } = hole;
  if (hole.kind !== 'through' || behind === 'nothing' || !way.drills || !way.atThisHole) return [];
  const cylinder = hole.joint.screwedIn === 'spark-plug';
  const facts = { behind: behind ?? (cylinder ? 'closed' : null), cylinder, coil: way.needs === 'coils' };
  const base = { ...STATEMENT, kind: 'behind', id: 'behind', facts } as const;
  return facts.behind === null
    ? [{ ...base, verdict: 'with-care', settledBy: 'behind', shut: true }]
    : [{ ...base, verdict: 'holds', remedy: 'guard-behind' }];
}

const WORDS: Readonly<Record<Exclude<Behind, 'nothing'>, string>> = {
  closed: 'a closed space lies behind: nothing may fall into it',
  liquid: 'a liquid lies behind',
  pressure: 'there is pressure behind',
};
const CATCH = 'Grease on the flutes, few chips at a time, vacuum and brush them out, never blow';

export const behind: CheckKind<BehindFacts> = {
  title: () => 'What lies behind',
  words: ({ behind: what }) =>
    what === null ? 'nobody looked what lies behind, and chips go there: look first' : WORDS[what],
  working: null,
  step: ({ behind: what, cylinder, coil }) => {
    const tang = coil
      ? ' A tangless coil, or the tang broken off, caught and counted: a magnet does not hold stainless.'
      : '';
    if (cylinder)
      return `Piston low, both valves shut; a rod through the hole gives the room: neither tap nor setting tool may reach the piston. ${CATCH}; look in with a borescope.${tang}`;
    switch (what) {
      case 'liquid':
        return 'Let the level down below the hole first; sealant on the thread when it goes together.';
      case 'pressure':
        return 'Let the pressure off and lock it out before anything is loosened; sealant on the thread when it goes together.';
      default:
        return `${CATCH}; a rag behind it where a hand reaches, and count what is broken off.${tang}`;
    }
  },
};
