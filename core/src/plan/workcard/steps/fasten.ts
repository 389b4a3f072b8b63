import type { HoleCase, HoleChoices } from '../../../judge/hole/index.ts';
import type { Route } from '../../routes/index.ts';
import { noNumber, type StepKind, type StepOf } from '../WorkStep.ts';

export type FastenFacts = {
  designation: string;
  className: string;
  /** The torque that the joint wants and the state that it is meant for; null: none is named. */
  wanted: { torqueNm: number; friction: HoleChoices['friction'] } | null;
  mostNm: number;
  limitedBy: 'screw' | 'thread';
};

/** How the screw goes back, where a thread in the part carries it. */
export function fastenSteps(
  { joint: { demand } }: HoleCase,
  { torque, thread, fastenerName }: Route,
): StepOf<'fasten', FastenFacts>[] {
  if (torque === null) return [];
  return [
    {
      kind: 'fasten',
      id: 'fasten',
      facts: {
        designation: thread.designation,
        className: fastenerName,
        wanted: demand.mode === 'preload' ? { torqueNm: demand.torqueNm, friction: demand.friction } : null,
        mostNm: torque.torqueNm,
        limitedBy: torque.limitedBy,
      },
      afterProof: true,
    },
  ];
}

const STATE: Readonly<Record<HoleChoices['friction'], string>> = {
  dry: 'dry',
  oiled: 'oiled',
  'anti-seize': 'with anti-seize',
  unknown: 'dry or oiled as that torque is meant',
};
const BEYOND = {
  screw: 'beyond that the screw stretches',
  thread: 'beyond that the thread in the part is in danger',
} as const;

export const fasten: StepKind<FastenFacts> = {
  title: () => 'Put the screw back',
  what: ({ designation, className, wanted, mostNm, limitedBy }, say) => {
    const screw = `${designation}, ${className.charAt(0).toLowerCase()}${className.slice(1)}`;
    return wanted
      ? `${screw}: ${say.torque(wanted.torqueNm)}, ${STATE[wanted.friction]}.`
      : `${screw}: oiled at most ${say.torque(mostNm)}; ${BEYOND[limitedBy]}.`;
  },
  number: noNumber,
  caution: () => 'The maker’s torque goes first. A torque meant for dry threads is never used oiled.',
};
