import { threadById } from '../../facts/threads/index.ts';
import { choiceOf, type HoleChoices } from './choices.ts';
import type { HoleCase, Joint, LoadDemand } from './HoleCase.ts';
import type { Behind, ScrewedIn } from './jointChoices.ts';

/** A torque that nobody named asks for nothing: it is then judged as made. */
function demandOf(choices: Partial<HoleChoices>): LoadDemand {
  const mode = choiceOf(choices, 'demandMode');
  if (mode !== 'preload') return { mode };
  if (!choices.torqueNm) return { mode: 'as-made' };
  return {
    mode: 'preload',
    torqueNm: choices.torqueNm,
    friction: choiceOf(choices, 'friction'),
    load: choiceOf(choices, 'load'),
  };
}

/** The part of a case that follows from choices alone; what nobody chose is as the table of choices takes it. */
export type ChosenPart = Pick<
  HoleCase,
  | 'parentTensileMpa'
  | 'strippedThroughout'
  | 'axis'
  | 'floorName'
  | 'behind'
  | 'crack'
  | 'coilState'
  | 'stuck'
  | 'failed'
  | 'duty'
  | 'hurtKind'
  | 'partCost'
> & {
  joint: Omit<Joint, 'screwReach' | 'mateHole' | 'endRoom' | 'grip' | 'seat'>;
};

/** What the words that people use for what lies behind come to. Other words name something that a drill must not meet. */
const BEHIND_BY_NAME: Readonly<Record<string, Behind>> = {
  nothing: 'nothing',
  water: 'liquid',
  oil: 'liquid',
  pressure: 'pressure',
};

function behindOf(choices: Partial<HoleChoices>): Behind | null {
  const said = choiceOf(choices, 'behind');
  const name = choiceOf(choices, 'floorName');
  return said ?? (name === '' ? null : (BEHIND_BY_NAME[name] ?? 'closed'));
}

/** Majors and pitches of the usual spark and glow plugs: a metric hole of these is asked what it holds. */
const PLUG_SIZES: readonly string[] = ['M10x1', 'M12x1.25', 'M14x1.25', 'M18x1.5'];

/** What is screwed in, where nobody said: a pipe thread holds a fitting, anything else a screw. */
function screwedInOf(choices: Partial<HoleChoices>): ScrewedIn {
  const said = choiceOf(choices, 'screwedIn');
  if (said !== null) return said;
  if (!choices.threadId) return 'screw';
  const { family } = threadById(choices.threadId);
  if (family === 'pipe-parallel' || family === 'pipe-taper') return 'fitting';
  return family === 'acme' || family === 'trapezoidal' ? 'power' : 'screw';
}

/** A face that is called after a sump, a tank or a head holds plugs as often as screws. */
const PLUG_FACE = /sump|tank|head|gearbox|drain/i;

/**
 * Whether it is worth asking what is screwed in: sizes of pipes and plugs, and faces where plugs sit.
 * @example asksScrewedIn({ threadId: 'M14x1.25' }, '') // true
 */
export const asksScrewedIn = (choices: Partial<HoleChoices>, faceName: string): boolean =>
  choiceOf(choices, 'screwedIn') === null &&
  choices.threadId !== undefined &&
  choices.threadId !== null &&
  (PLUG_SIZES.includes(choices.threadId) ||
    PLUG_FACE.test(faceName) ||
    ['pipe-parallel', 'pipe-taper'].includes(threadById(choices.threadId).family));

/** How what lies behind is called where it has no name of its own. */
const BEHIND_NAMES: Readonly<Record<Behind | 'unknown', string>> = {
  nothing: 'nothing',
  closed: 'space behind',
  liquid: 'liquid',
  pressure: 'pressure',
  unknown: 'unknown behind it',
};

/** @example caseOfChoices({}).crack // null */
export function caseOfChoices(choices: Partial<HoleChoices>): ChosenPart {
  const failed = choiceOf(choices, 'failedMethod');
  return {
    parentTensileMpa: choiceOf(choices, 'parentTensileMpa'),
    strippedThroughout: choiceOf(choices, 'strippedThroughout'),
    axis: choiceOf(choices, 'axis'),
    floorName: choiceOf(choices, 'floorName') || BEHIND_NAMES[behindOf(choices) ?? 'unknown'],
    behind: behindOf(choices),
    crack: choiceOf(choices, 'crack'),
    coilState: choiceOf(choices, 'coilState'),
    partCost: choiceOf(choices, 'partCost'),
    stuck: choiceOf(choices, 'stuck'),
    failed: failed === null ? null : { method: failed, causePresent: choiceOf(choices, 'failedCausePresent') },
    duty: choiceOf(choices, 'duty'),
    hurtKind: choiceOf(choices, 'hurtKind'),
    joint: {
      screwedIn: screwedInOf(choices),
      fastenerClassId: choiceOf(choices, 'fastenerClassId'),
      drive: choiceOf(choices, 'drive'),
      cause: choiceOf(choices, 'cause'),
      nearHeat: choiceOf(choices, 'nearHeat'),
      pressureBar: choiceOf(choices, 'pressureBar'),
      runningTorqueNm: choiceOf(choices, 'runningTorqueNm'),
      mateMayBeOpened: choiceOf(choices, 'mateMayBeOpened'),
      demand: demandOf(choices),
      serviceC: choiceOf(choices, 'serviceC'),
      sealing: choiceOf(choices, 'sealing'),
      undone: choiceOf(choices, 'undone'),
      backReached: choiceOf(choices, 'backReached'),
      appearance: choiceOf(choices, 'appearance'),
    },
  };
}
