import { fastenerClass, type FastenerClassRow } from '../../facts/materials/index.ts';
import type { Thread } from '../../facts/threads/index.ts';
import type { HoleCase, UnknownEnd } from '../../judge/hole/index.ts';

/** Nearest class in the other system; stainless keeps its own row. */
const CROSS_SYSTEM: Readonly<Record<string, string>> = {
  '4.6': 'grade-2',
  '5.8': 'grade-2',
  '8.8': 'grade-5',
  '10.9': 'grade-8',
  '12.9': 'grade-8',
  'grade-2': '5.8',
  'grade-5': '8.8',
  'grade-8': '10.9',
};

/** A thread is a larger one from this share over the old: 1/4 in for M6 is, 5/16 in for M8 is not (our estimate). */
const LARGER_FROM = 1.02;

/** Whether a way ends with a larger screw than the hole had. @example goesLarger(threadById('M10x1.5'), threadById('M8x1.25')) // true */
export const goesLarger = (next: Thread, was: Thread): boolean => next.majorMm > was.majorMm * LARGER_FROM;

type ByHead = { strongest: string; usual: string; weakest: string };
const HEXAGON: ByHead = { strongest: '10.9', usual: '8.8', weakest: '5.8' };
const SOCKET: ByHead = { strongest: '12.9', usual: '12.9', weakest: '8.8' };
const SLOT: ByHead = { strongest: '5.8', usual: '5.8', weakest: '4.6' };
/** Classes that a screw of unknown class may be of, by its head (our estimate). A head that nobody looked at may be any. */
const BY_HEAD: Readonly<Record<NonNullable<HoleCase['joint']['drive']> | 'unknown', ByHead>> = {
  'hex-head': HEXAGON,
  stud: HEXAGON,
  'socket-head': SOCKET,
  'six-lobe': SOCKET,
  'cross-recess': SLOT,
  slotted: SLOT,
  unknown: { strongest: '12.9', usual: '8.8', weakest: '4.6' },
};

/** The class of screw that a thread gets: as it was said, the nearest of the other system, or not known. */
export type TakenFastener = { name: string; taken: 'as-said' | 'replaced' | 'not-known'; insteadOf: string | null };

const NOT_KNOWN: TakenFastener = { name: 'class not known', taken: 'not-known', insteadOf: null };

/** A class of the thread's own system. */
function inSystem(id: string, thread: Thread): FastenerClassRow {
  const own = fastenerClass(id, thread.majorMm);
  const system = thread.threadsPerInch === null ? 'metric' : 'inch';
  return own.system === system || !(id in CROSS_SYSTEM) ? own : fastenerClass(CROSS_SYSTEM[id]!, thread.majorMm);
}

/** What the class that nobody knows may be: against the thread the strongest is unfavourable, against its own proof load the weakest. */
export function plausibleFastener(
  hole: HoleCase,
  thread: Thread,
  end: UnknownEnd,
  against: 'thread' | 'screw',
): FastenerClassRow {
  const { fastenerClassId, drive } = hole.joint;
  if (fastenerClassId !== null) return inSystem(fastenerClassId, thread);
  const { strongest, usual, weakest } = BY_HEAD[drive ?? 'unknown'];
  return inSystem(end === 'usual' ? usual : against === 'thread' ? strongest : weakest, thread);
}

/** The class of the screw, as it is said on a card. */
export function takenFastener(hole: HoleCase, thread: Thread): TakenFastener {
  const id = hole.joint.fastenerClassId;
  if (id === null) return NOT_KNOWN;
  const said = fastenerClass(id, thread.majorMm);
  const own = inSystem(id, thread);
  return own.id === said.id
    ? { name: own.name, taken: 'as-said', insteadOf: null }
    : { name: own.name, taken: 'replaced', insteadOf: said.name };
}
