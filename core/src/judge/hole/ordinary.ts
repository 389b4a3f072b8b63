import type { ChoiceId, HoleChoices } from './choices.ts';
import { screwedInTaken } from './screwedIn.ts';

/** The one line that settles an ordinary hole: each part as it is read out, and the choice that it answers. */
export const ORDINARY_PARTS = [
  { words: 'an ordinary screw like its sisters', id: 'screwedIn', value: 'screw' },
  { words: 'metal beside it at least a screw’s diameter wide', id: 'metalBeside', value: 'one-d' },
  { words: 'nothing behind but metal or free air', id: 'behind', value: 'nothing' },
  { words: 'no crack', id: 'crack', value: 'none' },
  { words: 'no old coil', id: 'earlierRepair', value: 'none' },
  { words: 'not near exhaust, brake or heater', id: 'nearHeat', value: 'away' },
] as const;

type Part = (typeof ORDINARY_PARTS)[number];
type Answers = { [P in Part as P['id']]: P['value'] };

/** What is true of an ordinary hole, each part seen by eye. */
export const ORDINARY = Object.fromEntries(ORDINARY_PARTS.map(({ id, value }) => [id, value])) as unknown as Answers;

export type OrdinaryId = Part['id'];
const IDS = ORDINARY_PARTS.map(({ id }): OrdinaryId => id);

/** Parts of the line that nobody answered yet. @example ordinaryLeft({ crack: 'none' }).length // 5 */
export const ordinaryLeft = (choices: Partial<HoleChoices>): OrdinaryId[] =>
  IDS.filter((id: ChoiceId) => choices[id] === undefined || choices[id] === null);

/**
 * Whether the one line may be offered: something of it is open, and nothing that was answered says otherwise.
 * @example offersOrdinary({ threadId: 'G3/8' }) // false
 */
export const offersOrdinary = (choices: Partial<HoleChoices>): boolean =>
  choices.threadId !== undefined &&
  choices.threadId !== null &&
  screwedInTaken(choices) === 'screw' &&
  ordinaryLeft(choices).length > 0 &&
  IDS.every((id) => choices[id] === undefined || choices[id] === null || choices[id] === ORDINARY[id]);
