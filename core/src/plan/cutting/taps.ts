import { positive } from '../../basis/numeric/index.ts';
import type { ParentMaterial } from '../../facts/materials/index.ts';
import type { Thread } from '../../facts/threads/index.ts';

/** What a tap's flutes are like, and which forms one whole instead of cutting. */
export type TapStyle = 'hand' | 'spiral-point' | 'spiral-flute' | 'forming' | 'tandem';

/** Why a style is taken or left. */
export type StyleReason =
  | 'old-helix'
  | 'power-thread'
  | 'closed-behind'
  | 'blind'
  | 'brittle'
  | 'stringy'
  | 'through'
  | 'by-hand'
  | 'other-bore';

export type TapChoice = {
  style: TapStyle;
  because: StyleReason;
  /** What else may be taken, and what not, each with its reason. */
  also: { style: TapStyle; because: StyleReason }[];
  not: { style: TapStyle; because: StyleReason }[];
};

const POWER_FORMS: readonly Thread['form'][] = ['acme-29', 'trapezoidal-30', 'square'];

/** Threads that move a load: cut through with a tandem tap, or with a single point. */
export const isPowerThread = ({ form }: Pick<Thread, 'form'>): boolean => POWER_FORMS.includes(form);

/**
 * The tap's style for a hole and a metal. Precedence: a power thread → tandem, through only; an old helix → a straight hand tap
 * alone; blind or closed behind → no spiral point, which drives its chips ahead; brittle metal → straight flutes; else spiral flutes in stringy
 * blind holes, spiral point in through holes, a hand tap everywhere by hand. Forming taps want another bore than a plan gives.
 * @example tapChoice({ thread: threadById('M8x1.25'), parent: parentById('mild-steel'), through: true, open: true, followsHelix: false }).also[0].style // 'spiral-point'
 */
export function tapChoice(job: {
  thread: Pick<Thread, 'form'>;
  parent: Pick<ParentMaterial, 'cutting' | 'group'>;
  through: boolean;
  /** What comes out on the far side falls into the open. */
  open: boolean;
  followsHelix: boolean;
}): TapChoice {
  const { thread, parent, through, open, followsHelix } = job;
  if (isPowerThread(thread) && through) return { style: 'tandem', because: 'power-thread', also: [], not: [] };
  const forming = { style: 'forming', because: parent.cutting === 'brittle' ? 'brittle' : 'other-bore' } as const;
  if (followsHelix)
    return {
      style: 'hand',
      because: 'old-helix',
      also: [],
      not: [{ style: 'spiral-point', because: 'old-helix' }, { style: 'spiral-flute', because: 'old-helix' }, forming],
    };
  const stringy = parent.cutting === 'tough' || (parent.cutting !== 'brittle' && parent.group !== 'magnesium');
  const point: TapChoice['not'][number] | null = !through
    ? { style: 'spiral-point', because: 'blind' }
    : open
      ? null
      : { style: 'spiral-point', because: 'closed-behind' };
  if (parent.cutting === 'brittle')
    return {
      style: 'hand',
      because: 'brittle',
      also: [],
      not: [{ style: 'spiral-flute', because: 'brittle' }, ...(point ? [point] : []), forming],
    };
  if (point === null)
    return { style: 'hand', because: 'by-hand', also: [{ style: 'spiral-point', because: 'through' }], not: [forming] };
  return {
    style: 'hand',
    because: 'by-hand',
    also: stringy ? [{ style: 'spiral-flute', because: 'stringy' }] : [],
    not: [point, forming],
  };
}

/** Styles that are never turned back: they drive their chips ahead, or make none, or jam on a half-cut one. */
export const neverBack = (style: TapStyle): boolean =>
  style === 'spiral-point' || style === 'forming' || style === 'tandem';

/** How a tap is turned, by its size (rule of thumb). Arm: half the wrench, mm. */
export type TapWrench = { handle: 'pin' | 't' | 'bar'; armMm: number; hands: 1 | 2 };

const PIN_UP_TO_MM = 3.2;
const T_UP_TO_MM = 6.4;
const BAR = [
  { upToMm: 8, armMm: 100 },
  { upToMm: 12, armMm: 140 },
  { upToMm: 16, armMm: 200 },
  { upToMm: Infinity, armMm: 300 },
] as const;

/**
 * The wrench for a tap. @example tapWrench(3) // { handle: 'pin', armMm: 15, hands: 1 }
 * @example tapWrench(10).handle // 'bar'
 */
export function tapWrench(majorMm: number): TapWrench {
  positive(majorMm, 'tap');
  if (majorMm <= PIN_UP_TO_MM) return { handle: 'pin', armMm: 15, hands: 1 };
  if (majorMm <= T_UP_TO_MM) return { handle: 't', armMm: 40, hands: 1 };
  return { handle: 'bar', armMm: BAR.find(({ upToMm }) => majorMm <= upToMm)!.armMm, hands: 2 };
}

/**
 * Push of each hand on a wrench that makes a torque, N. @example pushPerHandN(6.2, { handle: 't', armMm: 40, hands: 1 }) // 77.5
 */
export const pushPerHandN = (torqueNm: number, { armMm }: Pick<TapWrench, 'armMm' | 'hands' | 'handle'>): number =>
  (torqueNm * 1000) / (2 * armMm);

/** Turns of a tap: those in the work, and those that run its lead (or the whole of a tandem tap) out behind. */
export type TapTurns = {
  inWork: number;
  runOut: number;
  total: number;
  /** Room that the tap wants below a through hole, mm; 0 in a blind one. */
  roomBelowMm: number;
};

/**
 * How many turns a tap makes from its first bite. Through: the depth over the lead, then its lead threads out behind. Blind: depth and
 * lead threads, never past the shoulder, one thread short of which a tap is felt to be near it. Starts are counted: a two-start thread
 * takes half as many.
 * @example tapTurns({ fullThreadMm: 20, pitchMm: 1.25, leadThreads: 8, through: true }) // { inWork: 16, runOut: 8, total: 24, roomBelowMm: 10 }
 * @example tapTurns({ fullThreadMm: 76.2, pitchMm: 5.08, leadThreads: 8, through: true, tandemMm: 203.2 }).total // 55
 * @example tapTurns({ fullThreadMm: 17.25, pitchMm: 1.25, leadThreads: 4, through: false, shoulderMm: 21 }).total // 15.8
 */
export function tapTurns(job: {
  fullThreadMm: number;
  pitchMm: number;
  leadThreads: number;
  through: boolean;
  shoulderMm?: number;
  starts?: number;
  /** Length of a tandem tap, all of which goes through. */
  tandemMm?: number;
}): TapTurns {
  const { fullThreadMm, leadThreads, through, shoulderMm = Infinity, starts = 1, tandemMm } = job;
  const pitchMm = positive(job.pitchMm, 'pitch');
  const inMetal = fullThreadMm / pitchMm;
  if (!through) {
    const most = Math.max(0, shoulderMm / pitchMm - 1);
    const total = Math.min(inMetal + leadThreads, most) / starts;
    return { inWork: total, runOut: 0, total, roomBelowMm: 0 };
  }
  const outMm = tandemMm ?? leadThreads * pitchMm;
  const inWork = inMetal / starts;
  const runOut = outMm / pitchMm / starts;
  return { inWork, runOut, total: inWork + runOut, roomBelowMm: outMm };
}

/** A tandem tap is about so many diameters long where nobody measured it (our estimate). */
export const TANDEM_D = 6.4;

/** Whether a spindle may turn the tap, and why not. */
export type PowerTapping = { allowed: boolean; because: PowerReason[] };
export type PowerReason =
  | 'house-rule'
  | 'no-machine'
  | 'no-reverse'
  | 'blind-no-clutch'
  | 'old-helix'
  | 'power-thread'
  | 'small'
  | 'load'
  | 'too-fast'
  | 'duty'
  | 'ok';

/** Under this a tap gives no warning under power (our estimate). */
const POWER_FROM_MM = 5;
/** Tap strength over load that power wants: the hand no longer feels it (our estimate). */
const POWER_RATIO = 4;

/** Is tapping by power allowed here? Every reason against it, or that nothing stands against it. */
export function powerTapping(job: {
  houseRule: 'guide' | 'through' | 'never' | null;
  machine: { reverse: boolean; clutch: boolean } | null;
  through: boolean;
  followsHelix: boolean;
  power: boolean;
  majorMm: number;
  loadRatio: number;
  slowEnough: boolean;
  hurts: boolean;
}): PowerTapping {
  const { houseRule, machine, through, followsHelix, power, majorMm, loadRatio, slowEnough, hurts } = job;
  const because: PowerReason[] = [];
  if (houseRule !== 'through') because.push('house-rule');
  if (machine === null) because.push('no-machine');
  else if (!machine.reverse && !machine.clutch) because.push('no-reverse');
  else if (!through && !machine.clutch) because.push('blind-no-clutch');
  if (followsHelix) because.push('old-helix');
  if (power) because.push('power-thread');
  if (majorMm < POWER_FROM_MM) because.push('small');
  if (loadRatio < POWER_RATIO) because.push('load');
  if (!slowEnough) because.push('too-fast');
  if (hurts) because.push('duty');
  return because.length === 0 ? { allowed: true, because: ['ok'] } : { allowed: false, because };
}
