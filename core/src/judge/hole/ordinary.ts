import { threadById } from '../../facts/threads/index.ts';
import type { ChoiceId, HoleChoices } from './choices.ts';

/** What is true of an ordinary hole, each part seen by eye: one line settles them all. */
export const ORDINARY = {
  screwedIn: 'screw',
  metalBeside: 'one-d',
  behind: 'nothing',
  crack: 'none',
  earlierRepair: 'none',
  nearHeat: 'away',
} as const satisfies Partial<HoleChoices>;

export type OrdinaryId = keyof typeof ORDINARY;
const IDS = Object.keys(ORDINARY) as OrdinaryId[];

/** Parts of the line that nobody answered yet. @example ordinaryLeft({ crack: 'none' }).length // 5 */
export const ordinaryLeft = (choices: Partial<HoleChoices>): OrdinaryId[] =>
  IDS.filter((id: ChoiceId) => choices[id] === undefined || choices[id] === null);

/** Threads that hold no ordinary screw: the line is not offered for them. */
const NO_SCREW: readonly string[] = ['pipe-parallel', 'pipe-taper', 'acme', 'trapezoidal'];

/**
 * Whether the one line may be offered: something of it is open, and nothing that was answered says otherwise.
 * @example offersOrdinary({ threadId: 'G3/8' }) // false
 */
export const offersOrdinary = (choices: Partial<HoleChoices>): boolean =>
  choices.threadId !== undefined &&
  choices.threadId !== null &&
  !NO_SCREW.includes(threadById(choices.threadId).family) &&
  ordinaryLeft(choices).length > 0 &&
  IDS.every((id) => choices[id] === undefined || choices[id] === null || choices[id] === ORDINARY[id]);
