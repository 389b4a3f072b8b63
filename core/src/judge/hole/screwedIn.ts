import { threadById } from '../../facts/threads/index.ts';
import { choiceOf, type HoleChoices } from './choices.ts';
import { SCREWED_IN, type ScrewedIn } from './choices/jointRows.ts';
import type { HoleCase } from './HoleCase.ts';

const rowOf = (id: ScrewedIn) => SCREWED_IN.find((row) => row.id === id)!;

/** Whether it holds a screw or a stud: bolt loads and torques belong to these only. */
export const isBolted = ({ joint }: Pick<HoleCase, 'joint'>): boolean => rowOf(joint.screwedIn).bolted;

/** What shows that it is tight, whatever is said of sealing. */
export const keepsIn = ({ joint }: Pick<HoleCase, 'joint'>) => rowOf(joint.screwedIn).keepsIn;

/** What is tried in a mended thread, as its trade calls it. */
export const goodOne = ({ joint }: Pick<HoleCase, 'joint'>): string => rowOf(joint.screwedIn).good;

/** Whether it seals with a washer or a seat on the face round the hole. */
export const sealsOnFace = ({ joint, thread }: Pick<HoleCase, 'joint' | 'thread'>): boolean =>
  rowOf(joint.screwedIn).sealsOnFace && thread.taper === null;

/** Whether it is said, or in the nature of a fitting, that a pressure stands against the thread. */
export const keepsPressure = ({ behind, hurtKind, joint }: Pick<HoleCase, 'behind' | 'hurtKind' | 'joint'>): boolean =>
  behind === 'pressure' || hurtKind === 'pressure' || joint.sealing === 'pressure' || joint.screwedIn === 'fitting';

const familyOf = ({ threadId }: Partial<HoleChoices>) => (threadId ? threadById(threadId).family : null);

/**
 * What is screwed in, where nobody said: a pipe thread holds a fitting, a power thread its screw, anything else a screw.
 * @example screwedInTaken({ threadId: 'G3/8' }) // 'fitting'
 */
export function screwedInTaken(choices: Partial<HoleChoices>): ScrewedIn {
  const said = choiceOf(choices, 'screwedIn');
  if (said !== null) return said;
  switch (familyOf(choices)) {
    case 'pipe-parallel':
    case 'pipe-taper':
      return 'fitting';
    case 'acme':
    case 'trapezoidal':
      return 'power';
    default:
      return 'screw';
  }
}

/** The usual spark and glow plugs, and drain plugs: a hole of these is asked what it holds. */
const PLUG_SIZES: readonly string[] = [
  ...['M10x1', 'M12x1.25', 'M14x1.25', 'M18x1.5'],
  ...['M12x1.5', 'M14x1.5', 'M16x1.5', 'M20x1.5', 'M22x1.5'],
];
/** A face that is called after a sump, a tank or a head holds plugs as often as screws. */
const PLUG_FACE = /sump|tank|head|gearbox|drain/i;

/**
 * Whether it is worth asking what is screwed in: sizes of pipes and plugs, and faces where plugs sit.
 * @example asksScrewedIn({ threadId: 'M14x1.25' }, '') // true
 */
export function asksScrewedIn(choices: Partial<HoleChoices>, faceName: string): boolean {
  const { threadId } = choices;
  if (!threadId || choiceOf(choices, 'screwedIn') !== null) return false;
  return PLUG_SIZES.includes(threadId) || PLUG_FACE.test(faceName) || screwedInTaken(choices) === 'fitting';
}

/** Whether the washer or seat round the hole is worth measuring. @example asksSeat({ threadId: 'M8x1.25' }) // false */
export const asksSeat = (choices: Partial<HoleChoices>): boolean =>
  rowOf(screwedInTaken(choices)).sealsOnFace && (!choices.threadId || threadById(choices.threadId).taper === null);
