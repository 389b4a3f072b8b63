import { LOCKER } from '../../../facts/fluids/index.ts';
import { isStainless } from '../../../facts/materials/index.ts';
import type { Cause } from '../../../facts/ways/index.ts';
import { isBolted, isLight, type HoleCase } from '../../../judge/hole/index.ts';
import type { Say } from '../../../basis/units/index.ts';
import type { Route } from '../../routes/index.ts';
import { noCaution, noNumber, type StepKind, type StepOf } from '../WorkStep.ts';

export type PreventFacts = {
  cause: Exclude<Cause, 'unknown'>;
  bolted: boolean;
  /** Stainless, or a steel screw, in light metal: a pair that corrodes. */
  light: boolean;
  stainless: boolean;
  lockerStands: boolean;
  coil: boolean;
  /** The coil that goes in locks. */
  locks: boolean;
  /** The least that the screw must reach below the face. */
  reachMm: number;
};

/** What keeps it from happening again, where the cause is known; a thread in the part is asked for nothing else. */
export function preventSteps(
  hole: HoleCase,
  { insertLengthD, depths, own }: Pick<Route, 'insertLengthD' | 'depths' | 'own'>,
): StepOf<'prevent', PreventFacts>[] {
  const { cause, serviceC, fastenerClassId } = hole.joint;
  if (cause === 'unknown') return [];
  return [
    {
      kind: 'prevent',
      id: 'prevent',
      minutes: 3,
      facts: {
        cause,
        bolted: isBolted(hole),
        light: isLight(hole.parent),
        stainless: isStainless(fastenerClassId),
        lockerStands: (serviceC ?? 0) <= LOCKER.hotC,
        coil: insertLengthD !== null,
        locks: 'locking' in own && own.locking,
        reachMm: depths.screwReachMm,
      },
      afterProof: true,
    },
  ];
}

const WORDS: Readonly<Record<PreventFacts['cause'], (facts: PreventFacts, say: Say) => string>> = {
  overtightened: ({ bolted }) =>
    `A torque wrench, not feel, and in steps${bolted ? '; write the torque beside the hole, with dry or oiled' : '; the maker’s torque stands on the part'}.`,
  'wrong-friction': () =>
    'Write beside the hole whether its torque is meant dry or oiled, and leave the thread in that state: the same torque oiled pulls a third more.',
  vibration: ({ lockerStands, locks }) =>
    `${locks ? 'A locking coil' : lockerStands ? 'Thread locker of a grade for its heat, on a clean dry thread' : 'A locking screw or a wire, no locker: it is too hot here'}; a stiffer seat or a longer screw keeps its pull better than a spring washer. Look again after the first hours.`,
  corroded: ({ light, stainless }) =>
    `${light ? `Insulate the pair: anti-seize or primer on ${stainless ? 'the stainless' : 'the'} screw, and seal round its head` : 'Anti-seize on the thread, its torque lowered to match'}; undo and grease it once a year.`,
  heat: () =>
    'Heat-resisting anti-seize, a screw of a class that stands it, tightened cold; check it cold after the first heat.',
  'too-short': ({ reachMm }, say) =>
    `A screw that reaches at least ${say.atLeast(reachMm)} below the face; hold it beside the hole before it goes in.`,
  'cross-threaded': () =>
    'Start it by hand, two turns, before any wrench or driver; a lead chamfer, a pilot point on the screw, the part supported so that the holes face.',
  worn: ({ coil }) =>
    `${coil ? 'The coil takes the wear' : 'A stud that stays in, and a nut that is undone'}; a drop of oil each time, and no power driver on it.`,
  'weak-drive': () =>
    'A head with a stronger drive, hexagon or six-lobe where there is room; clean the drive before each turn, the key pressed home.',
  'too-weak': ({ reachMm }, say) =>
    `The whole reach, ${say.atLeast(reachMm)} below the face, and no more than the torque that it is judged for.`,
};

export const prevent: StepKind<PreventFacts> = {
  title: () => 'So that it does not come back',
  what: (facts, say) => WORDS[facts.cause](facts, say),
  number: noNumber,
  caution: noCaution,
};
