import type { MethodId } from './Route.ts';

/** What a method does to the hole: the checks and the economics that are common to all read it from here. */
export interface MethodTraits {
  name: string;
  /** Drills into metal that was sound. */
  drills: boolean;
  /** Cuts a new thread in the parent with a tap. */
  taps: boolean;
  /** Uses a thread in the parent, old or new, to carry the load. */
  threadCarries: boolean;
  /** Follows the old hole, so that its lean stays. */
  followsHole: boolean;
  /** A path along which a liquid can creep past. */
  leaksAlong: boolean;
  /** Hottest that its insert, locker or adhesive stands; null: nothing of the kind in it. */
  hottestC: number | null;
  /** What is used at that temperature, for the words. */
  hotPart: string;
  fastenerChange: 'kept' | 'longer' | 'new';
  reversible: 'yes' | 'partly' | 'no';
  /** Working time in minutes, waits left out, and parts in the shop's money. All our estimate. */
  minutes: number;
  parts: number;
}

const METAL = { hottestC: null, hotPart: '' } as const;

export const METHOD_TRAITS: Readonly<Record<MethodId, MethodTraits>> = {
  'leave-it': {
    name: 'Leave it',
    drills: false,
    taps: false,
    threadCarries: true,
    followsHole: true,
    leaksAlong: false,
    ...METAL,
    fastenerChange: 'kept',
    reversible: 'yes',
    minutes: 5,
    parts: 0,
  },
  'clean-up': {
    name: 'Clean up',
    drills: false,
    taps: false,
    threadCarries: true,
    followsHole: true,
    leaksAlong: false,
    ...METAL,
    fastenerChange: 'kept',
    reversible: 'partly',
    minutes: 15,
    parts: 0,
  },
  'longer-screw': {
    name: 'Longer screw',
    drills: false,
    taps: false,
    threadCarries: true,
    followsHole: true,
    leaksAlong: false,
    ...METAL,
    fastenerChange: 'longer',
    reversible: 'partly',
    minutes: 20,
    parts: 2,
  },
  'wire-coil': {
    name: 'Wire coil',
    drills: true,
    taps: true,
    threadCarries: true,
    followsHole: true,
    leaksAlong: true,
    hottestC: 425,
    hotPart: 'the coil’s wire, plain stainless',
    fastenerChange: 'kept',
    reversible: 'partly',
    minutes: 35,
    parts: 4,
  },
  oversize: {
    name: 'Oversize retap',
    drills: true,
    taps: true,
    threadCarries: true,
    followsHole: true,
    leaksAlong: false,
    ...METAL,
    fastenerChange: 'new',
    reversible: 'no',
    minutes: 30,
    parts: 2,
  },
  'stepped-stud': {
    name: 'Stepped stud',
    drills: true,
    taps: true,
    threadCarries: true,
    followsHole: true,
    leaksAlong: false,
    ...METAL,
    fastenerChange: 'new',
    reversible: 'no',
    minutes: 90,
    parts: 15,
  },
  'solid-bush': {
    name: 'Solid bush',
    drills: true,
    taps: true,
    threadCarries: true,
    followsHole: true,
    leaksAlong: false,
    hottestC: 230,
    hotPart: 'the retaining compound, high-temperature grade',
    fastenerChange: 'kept',
    reversible: 'partly',
    minutes: 90,
    parts: 12,
  },
  'keyed-bush': {
    name: 'Keyed bush',
    drills: true,
    taps: true,
    threadCarries: true,
    followsHole: true,
    leaksAlong: true,
    ...METAL,
    fastenerChange: 'kept',
    reversible: 'partly',
    minutes: 50,
    parts: 14,
  },
  plug: {
    name: 'Plug and re-drill',
    drills: true,
    taps: true,
    threadCarries: true,
    followsHole: false,
    leaksAlong: false,
    hottestC: 150,
    hotPart: 'the retaining compound',
    fastenerChange: 'kept',
    reversible: 'no',
    minutes: 150,
    parts: 10,
  },
  'through-bolt': {
    name: 'Through bolt and nut',
    drills: true,
    taps: false,
    threadCarries: false,
    followsHole: true,
    leaksAlong: true,
    ...METAL,
    fastenerChange: 'new',
    reversible: 'no',
    minutes: 30,
    parts: 3,
  },
  'bonded-stud': {
    name: 'Bonded stud',
    drills: false,
    taps: false,
    threadCarries: false,
    followsHole: true,
    leaksAlong: false,
    hottestC: 120,
    hotPart: 'the adhesive',
    fastenerChange: 'new',
    reversible: 'partly',
    minutes: 30,
    parts: 8,
  },
  'move-hole': {
    name: 'Move the hole',
    drills: true,
    taps: true,
    threadCarries: true,
    followsHole: false,
    leaksAlong: false,
    ...METAL,
    fastenerChange: 'kept',
    reversible: 'no',
    minutes: 90,
    parts: 0,
  },
  weld: {
    name: 'Weld up',
    drills: false,
    taps: false,
    threadCarries: false,
    followsHole: false,
    leaksAlong: false,
    ...METAL,
    fastenerChange: 'kept',
    reversible: 'no',
    minutes: 240,
    parts: 20,
  },
  'send-out': {
    name: 'Send out',
    drills: false,
    taps: false,
    threadCarries: false,
    followsHole: false,
    leaksAlong: false,
    ...METAL,
    fastenerChange: 'kept',
    reversible: 'yes',
    minutes: 60,
    parts: 0,
  },
};
