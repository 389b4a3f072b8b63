import { cramped } from '../grip.ts';
import { steps, type MeansMethod } from '../Means.ts';
import { CLOSED_WORDS, stuckFacts, turnWord, type StuckFacts } from '../stuckFacts.ts';

/** Rubber and the like near the hole do not stand the heat of a weld below this, °C (our estimate). */
const SEALS_STAND_C = 200;
/** Minutes until a welded nut is hand-warm (our estimate). */
const COOL_MINUTES = 10;

type Own = StuckFacts & { cramped: boolean; seals: boolean };

export const weldNut: MeansMethod<Own> = {
  judge: (stuck) => {
    const facts = {
      ...stuckFacts(stuck),
      cramped: cramped(stuck),
      seals: stuck.nearLimitC !== null && stuck.nearLimitC < SEALS_STAND_C,
    };
    const seen = (stuck.proudMm ?? -1) >= 0;
    const possible = facts.threaded && seen && !facts.noFlame && !facts.cramped && !facts.closed;
    return { verdict: possible ? 'with-care' : 'does-not-hold', facts };
  },
  title: () => 'Weld a nut on it',
  because: ({ threaded, proudMm, noFlame, parentName, cramped: tight, seals, closed }) => {
    if (!threaded) return 'not for this';
    if (proudMm === null) return 'only from flush up; where the break lies is not measured';
    if (proudMm < 0) return 'it lies below the face: the weld would catch the parent';
    if (noFlame) return `no welding on ${parentName.toLowerCase()}`;
    if (closed) return CLOSED_WORDS;
    if (tight) return 'a nut has no room beside it';
    return seals ? 'the heat also helps; what is near must come out first' : 'the heat also helps';
  },
  steps: (facts) => [
    ...steps('Battery and electronics off; earth clamp on the part, close to it.'),
    { what: 'A nut over it, welded through its hole onto the middle of the break.', minutes: null, hot: true },
    { what: 'Let it cool to hand-warm: hot, it twists off.', minutes: COOL_MINUTES },
    ...steps(`Turn ${turnWord(facts)}, to and fro.`),
  ],
  stop: () => 'Two nuts torn off: the weld does not take.',
  spoils: () => 'it hardens the end: a drill starts badly there',
};
