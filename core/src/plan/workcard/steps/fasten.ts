import { isBolted, isLight, type HoleChoices, type HoleCase } from '../../../judge/hole/index.ts';
import { WAYS } from '../../../facts/ways/index.ts';
import { goesLarger, type NamedTorque, type Route } from '../../routes/index.ts';
import type { Say } from '../../../basis/units/index.ts';
import { noNumber, type SaidNumber, type StepKind, type StepOf } from '../WorkStep.ts';
import { mostReach } from './screwReach.ts';

export type FastenFacts = {
  designation: string;
  className: string;
  /** The torque that the joint wants and the state that it is meant for; null: none is named. */
  wanted: { torqueNm: number; friction: HoleChoices['friction'] } | null;
  /** What the product names where no maker's figure is known; null: nothing. */
  named: NamedTorque | null;
  /** Why nothing is named: it is no bolt, it is tightened to yield, or heat. */
  maker: 'no-bolt' | 'to-yield' | 'heat' | null;
  /** Read on a locking coil; added to the torque. */
  runningNm: number | null;
  /** How far the screw that goes in reaches: what is counted on, and the most. */
  reach: {
    leastMm: number;
    mostMm: number | null;
    blind: boolean;
    /** How far the present screw reaches, where it goes back; null: nobody measured it, or another goes in. */
    presentMm: number | null;
  } | null;
  /** A larger screw on light metal: its head wants a hardened washer. */
  washer: boolean;
};

/** How the screw goes back, where a thread in the part carries it. */
export function fastenSteps(
  hole: HoleCase,
  { method, torque, thread, fastenerName, depths, engagementMm }: Route,
): StepOf<'fasten', FastenFacts>[] {
  const way = WAYS[method];
  const { demand, runningTorqueNm } = hole.joint;
  if (!way.threadCarries || hole.joint.screwedIn === 'nothing' || engagementMm <= 0) return [];
  const bolted = isBolted(hole);
  const wanted = bolted && demand.mode === 'preload' ? { torqueNm: demand.torqueNm, friction: demand.friction } : null;
  const blind = hole.kind === 'blind';
  return [
    {
      kind: 'fasten',
      id: 'fasten',
      minutes: 5,
      facts: {
        designation: thread.designation,
        className: fastenerName,
        wanted,
        named: torque,
        maker: !bolted ? 'no-bolt' : demand.mode === 'to-yield' ? 'to-yield' : torque === null ? 'heat' : null,
        runningNm: runningTorqueNm,
        reach: bolted
          ? {
              leastMm: depths.screwReachMm,
              mostMm: mostReach(hole, { method, thread, depths }),
              blind,
              presentMm: way.fastenerChange === 'kept' ? (hole.joint.screwReach?.mm ?? null) : null,
            }
          : null,
        washer: bolted && isLight(hole.parent) && goesLarger(thread, hole.thread),
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
const MAKER = {
  'no-bolt': 'the maker’s torque, with a new washer or seal; no bolt’s torque belongs to it',
  'to-yield': 'a new screw, and the maker’s steps of torque and angle; no torque is computed for it',
  heat: 'the maker’s torque; none is computed here',
} as const;

/** A torque in words: the one that somebody gave, else what may be named. */
function torqueWords({ wanted, named, maker }: FastenFacts, say: Parameters<StepKind<FastenFacts>['what']>[1]): string {
  if (wanted) {
    // The smaller of what was given and what the thread stands governs.
    const cap = named !== null && named.threadNm < wanted.torqueNm ? `, never above ${say.torque(named.threadNm)}` : '';
    return `${say.torque(wanted.torqueNm)}, ${STATE[wanted.friction]}${cap}`;
  }
  if (named === null) return MAKER[maker ?? 'heat'];
  if (named.torqueNm !== null)
    return `the maker’s torque; where there is none ${say.torque(named.torqueNm)} oiled, no more; ${BEYOND[named.limitedBy]}`;
  const classes = named.classes
    .map(({ name, torqueNm }) => `${name.charAt(0).toLowerCase()}${name.slice(1)}: ${say.torque(torqueNm)}`)
    .join(', ');
  return `the maker’s torque first. The thread in the part stands ${say.torque(named.threadNm)} oiled; of the usual classes ${classes}: never above the smaller of thread and class`;
}

/** The torque as one figure; null: only the maker's. */
function torqueFigure({ wanted, named }: FastenFacts, say: Say): SaidNumber | null {
  if (wanted) {
    const least = named === null ? wanted.torqueNm : Math.min(wanted.torqueNm, named.threadNm);
    return { label: 'Torque', value: say.torque(least), note: STATE[wanted.friction] };
  }
  if (named === null || named.torqueNm === null) return null;
  return { label: 'Torque', value: `at most ${say.torque(named.torqueNm)}`, note: 'oiled; the maker’s figure first' };
}

/** The present screw goes back where it reaches far enough and not too far; else the reach that one must have. */
function reachWords(
  { leastMm, mostMm, presentMm }: NonNullable<FastenFacts['reach']>,
  say: Parameters<StepKind<FastenFacts>['what']>[1],
): string {
  const wants = `${say.atLeast(leastMm)} below the face${mostMm === null ? '' : `, at most ${say.atMost(mostMm)}`}`;
  if (presentMm === null) return `It reaches ${wants}.`;
  const present = say.length(presentMm);
  if (presentMm < leastMm - SAME_REACH_MM)
    return `The present one, ${present} below the face, is too short: one that reaches ${wants}.`;
  if (mostMm !== null && presentMm > mostMm + SAME_REACH_MM)
    return `The present one, ${present} below the face, is too long: one that reaches ${wants}.`;
  return `The present one goes back, ${present} below the face (at least ${say.atLeast(leastMm)}${mostMm === null ? '' : `, at most ${say.atMost(mostMm)}`}).`;
}
/** Less than this apart is the same reach: no hand sees it (our estimate). */
const SAME_REACH_MM = 0.05;

export const fasten: StepKind<FastenFacts> = {
  title: () => 'Put the screw back',
  what: (facts, say) => {
    const { designation, className, reach, runningNm, washer } = facts;
    const screw = `${designation}, ${className.charAt(0).toLowerCase()}${className.slice(1)}`;
    const length =
      reach === null
        ? ''
        : ` ${reachWords(reach, say)}${reach.blind ? ' The hole is dry: oil or water in it splits the boss.' : ''}`;
    const running = runningNm === null ? '' : ` Add the coil’s running torque, ${say.torque(runningNm)}.`;
    const under = washer ? ' A hardened washer under the head: the larger screw presses harder on soft metal.' : '';
    return `${facts.maker === 'no-bolt' ? designation : screw}: ${torqueWords(facts, say)}.${length}${running}${under}`;
  },
  number: noNumber,
  more: (facts, say) => {
    const { reach } = facts;
    const torque = torqueFigure(facts, say);
    return {
      numbers: [
        ...(torque ? [torque] : []),
        ...(reach
          ? [
              {
                label: 'Reach below the face',
                value: `${say.atLeast(reach.leastMm)}${reach.mostMm === null ? ' and more' : ` to ${say.atMost(reach.mostMm)}`}`,
              },
            ]
          : []),
      ],
      write: ['torque', 'by'],
    };
  },
  caution: () => 'The maker’s torque goes first. A torque meant for dry threads is never used oiled.',
};
