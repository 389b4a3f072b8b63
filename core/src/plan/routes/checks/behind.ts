import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { Behind, HoleCase } from '../../../judge/hole/index.ts';
import type { Proposed } from '../Route.ts';

export type BehindFacts = {
  /** Null: nobody looked. */
  behind: Exclude<Behind, 'nothing'> | null;
  cylinder: boolean;
  /** What the way sends there. */
  chips: boolean;
  coil: boolean;
};

/**
 * What lies behind a through hole, and what a way sends there: chips of a drill or a tap, a coil's tang. Not looked at, the
 * machine waits where metal is drilled or a tang broken off; a tap that only follows the old helix asks for a look, as a tick.
 * A closed space, a liquid or a pressure each ask for an ordinary step. A hole made anew beside the old one comes out there too.
 */
export function judgeBehind(
  hole: HoleCase,
  way: Way,
  { cut }: Pick<Proposed, 'cut'>,
): CheckOf<'behind', BehindFacts>[] {
  const { behind } = hole;
  const chips = way.drills || cut.tapLeads.length > 0;
  const coil = way.needs === 'coils';
  if (hole.kind !== 'through' || behind === 'nothing' || !(chips || coil)) return [];
  const cylinder = hole.joint.screwedIn === 'spark-plug';
  const facts = { behind: behind ?? (cylinder ? 'closed' : null), cylinder, chips, coil };
  const base = { ...STATEMENT, kind: 'behind', id: 'behind', facts } as const;
  if (facts.behind !== null) return [{ ...base, verdict: 'holds', remedy: 'guard-behind' }];
  return way.drills || coil ? [{ ...base, verdict: 'with-care', settledBy: 'behind', shut: true }] : [];
}

const WORDS: Readonly<Record<Exclude<Behind, 'nothing'>, string>> = {
  closed: 'a closed space lies behind: nothing may fall into it',
  liquid: 'a liquid lies behind',
  pressure: 'there is pressure behind',
};
const CATCH = 'Grease on the flutes, few chips at a time, vacuum and brush them out, never blow';
const TANG = 'A tangless coil, or the tang broken off, caught and counted: a magnet does not hold stainless.';
const SEAL = 'Sealant on the thread when it goes together.';

/** What comes before anything is cut. */
const FIRST: Readonly<Record<Exclude<Behind, 'nothing'>, string>> = {
  closed: '',
  liquid: 'Let the level down below the hole first.',
  pressure: 'Let the pressure off and lock it out before anything is loosened.',
};

function stepWords({ behind: what, cylinder, chips, coil }: BehindFacts): string {
  const tang = coil ? TANG : '';
  if (cylinder)
    return [
      'Piston low, both valves shut; a rod through the hole gives the room: neither tap nor setting tool may reach the piston.',
      chips ? `${CATCH}; look in with a borescope.` : 'Look in with a borescope.',
      tang,
    ].join(' ');
  const caught = chips ? `${CATCH}; a rag behind it where a hand reaches, and count what is broken off.` : '';
  return [FIRST[what ?? 'closed'], caught, tang, what === 'liquid' || what === 'pressure' ? SEAL : '']
    .filter(Boolean)
    .join(' ');
}

export const behind: CheckKind<BehindFacts> = {
  title: () => 'What lies behind',
  words: ({ behind: what, chips }) =>
    what === null
      ? `nobody looked what lies behind, and ${chips ? 'chips go' : 'a tang goes'} there: look first`
      : WORDS[what],
  working: null,
  step: (facts) => stepWords(facts).trim(),
};
