import type { ParentMaterial } from '../../facts/materials/index.ts';
import { turnsWords } from './turnCounter.ts';

/** What it can be when a tap goes stiff, each with how to tell and what to do. */
const CAUSES = {
  bottom: {
    name: 'Bottom reached',
    check: 'Count: turns made against turns planned. A rod beside the flute, or the depth with the tap out.',
    then: 'Out. The thread is as deep as it gets; the next lead or a deeper hole is planned, never forced.',
  },
  'not-in-line': {
    name: 'Not in line',
    check: 'Square on two sides; does the wrench push to one side in turning?',
    then: 'In the first three turns: out, and begin again with a guide. Later: back it out, never bend it straight.',
  },
  'too-small': {
    name: 'Hole too small',
    check: 'Gauge the bore, mouth and deep: it must be inside its limits.',
    then: 'Out; the drill again or the next inside the class, then the same tap.',
  },
  packed: {
    name: 'Chips packed',
    check: 'Back a quarter: does it free, and do chips show in the flutes?',
    then: 'Out, brush tap and hole, vacuum, fluid; short steps from here.',
  },
  blunt: {
    name: 'Tap blunt or wrong',
    check: 'Its teeth under a glass; its mark against the card: size, pitch, hand.',
    then: 'Another tap, fluid as the card says; a chipped one is not used again.',
  },
} as const;
export type StiffCauseId = keyof typeof CAUSES;
/** A cause by its name. @example stiffCauseName('packed') // 'Chips packed' */
export const stiffCauseName = (id: StiffCauseId): string => CAUSES[id].name;
export const STIFF_CAUSE_IDS = Object.keys(CAUSES) as [StiffCauseId, ...StiffCauseId[]];

/** What is known now, when it went stiff. */
export interface StiffNow {
  /** Turns made, null where nobody counted; and those that the card plans. */
  turns: number | null;
  totalTurns: number;
  blind: boolean;
  clearEvery: number | null;
  /** Turns since it was out and cleared. */
  sinceClear: number | null;
  /** How many times stronger the tap is than its cut, as planned. */
  ratio: number;
  /** The bore was gauged and lay inside its limits; null: nobody gauged it. */
  boreInside: boolean | null;
  cutting: ParentMaterial['cutting'];
}

export type StiffCause = { id: StiffCauseId; name: string; check: string; then: string; because: string };

/** A tap is felt to be near the bottom so many turns before it (our estimate). */
const NEAR_BOTTOM_TURNS = 1;
/** Until here it stands or leans by its start. */
const START_TURNS = 4;
/** Under this the cut itself is near what the tap stands. */
const HEAVY_RATIO = 3;

/** How much speaks for each, from what is known; what nothing speaks for keeps its place in the order above. */
function weightOf(id: StiffCauseId, now: StiffNow): { weight: number; because: string } {
  const { turns, totalTurns, blind, clearEvery, sinceClear, ratio, boreInside, cutting } = now;
  switch (id) {
    case 'bottom': {
      if (!blind) return { weight: -2, because: 'the hole goes through' };
      if (turns === null) return { weight: 1, because: 'blind, and nobody counted' };
      return turns >= totalTurns - NEAR_BOTTOM_TURNS
        ? { weight: 5, because: `${turnsWords(turns)} of ${turnsWords(totalTurns)} turns: it is there` }
        : { weight: -1, because: `${turnsWords(turns)} of ${turnsWords(totalTurns)} turns: it stopped early` };
    }
    case 'not-in-line':
      return turns !== null && turns <= START_TURNS
        ? { weight: 4, because: `only ${turnsWords(turns)} turns in: it shows now` }
        : { weight: 0, because: 'it would have shown before' };
    case 'too-small':
      if (boreInside === false) return { weight: 6, because: 'the bore was gauged outside its limits' };
      if (boreInside === null) return { weight: 2, because: 'nobody gauged the bore' };
      return ratio < HEAVY_RATIO
        ? { weight: 1, because: 'a heavy cut for this tap' }
        : { weight: -1, because: 'the bore was gauged inside its limits' };
    case 'packed':
      if (sinceClear !== null && clearEvery !== null && sinceClear >= clearEvery)
        return { weight: 4, because: `${turnsWords(sinceClear)} turns since it was cleared` };
      return blind || cutting === 'tough'
        ? { weight: 2, because: blind ? 'blind: chips stay in it' : 'long chips' }
        : { weight: 0, because: 'chips fall through' };
    case 'blunt':
      return ratio < HEAVY_RATIO
        ? { weight: 2, because: 'a heavy cut wears it' }
        : { weight: 0, because: 'nothing speaks for it yet' };
  }
}

/**
 * The five causes in the order of what speaks for them now, each with how to tell and what to do.
 * @example stiffCauses({ turns: 13.5, totalTurns: 14, blind: true, clearEvery: 4, sinceClear: 1, ratio: 6, boreInside: true, cutting: 'medium' })[0].id // 'bottom'
 * @example stiffCauses({ turns: 2, totalTurns: 14, blind: true, clearEvery: 4, sinceClear: 2, ratio: 6, boreInside: true, cutting: 'medium' })[0].id // 'not-in-line'
 */
export function stiffCauses(now: StiffNow): StiffCause[] {
  const weighed = STIFF_CAUSE_IDS.map((id) => ({ id, ...CAUSES[id], ...weightOf(id, now) }));
  return weighed
    .sort((a, b) => b.weight - a.weight)
    .map(({ id, name, check, then, because }) => ({ id, name, check, then, because }));
}
