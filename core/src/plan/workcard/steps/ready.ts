import type { HoleCase } from '../../../judge/hole/index.ts';
import type { Say } from '../../../basis/units/index.ts';
import { deepestMm, stickOut } from '../../../facts/drills/index.ts';
import { holdsShank, type MachineKind } from '../../../facts/machines/index.ts';
import { reachOnMachine, type Fit, type ReachOnMachine } from '../../cutting/index.ts';
import type { CutJob } from '../jobs.ts';
import type { Setting } from '../setting.ts';
import { noNumber, type StepKind, type StepOf } from '../WorkStep.ts';

export type ReadyFacts = {
  machine: string;
  kind: MachineKind;
  listed: boolean;
  placeSaid: boolean;
  belt: boolean;
  collet: boolean;
  /** The chuck's smallest is larger than the drill, its largest smaller; null: it holds it. */
  chuckMisses: { leastMm: number; mostMm: number; drillMm: number } | null;
  reach: ReachOnMachine | null;
  /** In place: what stands above the hole, and the shortest that a drill can be. */
  headroomMm: number | null;
  shortestMm: number | null;
  stickOutMm: number | null;
  fluteEndsMm: number | null;
};

/** A hand drill with its chuck takes about this much above the drill, mm (our estimate). */
const HAND_DRILL_MM = 180;

export function readySteps(hole: HoleCase, setting: Setting, job: CutJob): StepOf<'ready', ReadyFacts>[] {
  const { drillMm, tipMm, through } = job;
  if (drillMm === null) return [];
  const { machine, inPlace, listed, placeSaid } = setting;
  const { heightMm, headroomMm, sideRoomMm } = hole.work;
  const jobber = stickOut(drillMm, 'jobber');
  const stub = stickOut(drillMm, 'stub');
  return [
    {
      kind: 'ready',
      id: 'ready',
      minutes: 5,
      facts: {
        machine: machine.name,
        kind: machine.kind,
        listed,
        placeSaid,
        belt: machine.belt,
        collet: machine.collet !== null,
        chuckMisses: holdsShank(machine, drillMm)
          ? null
          : { leastMm: machine.chuckMinMm, mostMm: machine.chuckMaxMm, drillMm },
        reach: inPlace
          ? null
          : reachOnMachine(machine, { drillMm, depthMm: tipMm, workMm: heightMm, through, sideRoomMm }),
        headroomMm: inPlace ? headroomMm : null,
        shortestMm: inPlace && stub ? stub.outMm + HAND_DRILL_MM : null,
        stickOutMm: jobber?.outMm ?? null,
        fluteEndsMm: jobber ? deepestMm(jobber, drillMm) : null,
      },
    },
  ];
}

const holderWords = ({ holder, series, parallels }: Fit): string =>
  `${series === 'stub' ? 'a stub drill' : 'the jobber drill'} in ${holder === 'collet' ? 'the collet' : 'the chuck'}${
    parallels ? '' : ', without parallels'
  }`;

/** Whether holder, tool and work go under the spindle, and what makes them. */
function reachWords({ usual, change, travelShortMm, besideShortMm }: ReachOnMachine, say: Say): string {
  const parts: string[] = [];
  if (usual.shortMm > 0)
    parts.push(
      `A jobber drill in the chuck is too tall by ${say.atLeast(usual.shortMm)}${
        change
          ? `: ${holderWords(change)} fits with ${say.atMost(-change.shortMm)} to spare`
          : ': no holder of this machine makes it fit; another machine, or the drill by hand with a guide'
      }.`,
    );
  else if (!usual.reaches)
    parts.push(
      change
        ? `Its flutes are too short for this depth: ${holderWords(change)}.`
        : 'Its flutes are too short for this depth: a long-series drill, cleared often.',
    );
  else parts.push(`It goes under the spindle with ${say.atMost(-usual.shortMm)} to spare.`);
  if (travelShortMm > 0)
    parts.push(
      `The quill’s travel is short by ${say.atLeast(travelShortMm)}: raise the table half way, with the spindle stopped, and touch again.`,
    );
  if (besideShortMm > 0)
    parts.push(
      `The chuck meets what stands beside the hole, by ${say.atLeast(besideShortMm)}: a longer drill or a collet gets past it.`,
    );
  return parts.join(' ');
}

export const ready: StepKind<ReadyFacts> = {
  title: () => 'Machine ready',
  what: (facts, say) => {
    const { machine, kind, listed, placeSaid, belt, collet, chuckMisses, reach, headroomMm, shortestMm } = facts;
    const parts = [
      `Written for ${listed ? machine : `an ordinary ${machine.toLowerCase()}`}${listed ? '' : ' (none is listed in the crib)'}${
        placeSaid ? '' : ', the part off and on a machine'
      }.`,
    ];
    if (belt) parts.push('Speeds are changed with the plug out.');
    parts.push(
      kind === 'hand-drill'
        ? 'Tighten the chuck at all three holes, key out. Let it run a moment: the drill’s tip must not be seen to circle.'
        : `Tighten the chuck at all three holes, key out. Turn it by hand: the drill’s tip circles less than ${say.length(RUN_OUT_MM)}.`,
    );
    if (chuckMisses)
      parts.push(
        `Its chuck holds ${say.length(chuckMisses.leastMm)} to ${say.length(chuckMisses.mostMm)}, not a plain ${say.length(chuckMisses.drillMm)}: ${collet ? 'a collet, or ' : ''}a drill with a reduced shank, or another machine.`,
      );
    if (reach) parts.push(reachWords(reach, say));
    if (headroomMm !== null && shortestMm !== null && headroomMm < shortestMm)
      parts.push(
        `Only ${say.length(headroomMm)} above it: a hand drill with a stub drill wants about ${say.atLeast(shortestMm)}. A right-angle head, or the part comes off.`,
      );
    parts.push(
      `A tap’s or a reamer’s shank is hardened and slips in smooth jaws: ${collet ? 'the collet holds it' : 'on its square, or in a tap holder'}.`,
      'Stand where tip, scale and stop are seen at once, beside the line of the swarf, the switch within reach.',
    );
    return parts.join(' ');
  },
  number: noNumber,
  caution: () =>
    'Sleeves tight, rings and gloves off, hair back: a turning spindle takes hold of all of them. Eyes guarded.',
  more: ({ stickOutMm, fluteEndsMm }, say) =>
    stickOutMm === null
      ? {}
      : {
          numbers: [
            {
              label: 'Stick-out of the drill',
              value: say.length(Math.round(stickOutMm)),
              ...(fluteEndsMm === null
                ? {}
                : { note: `it drills ${say.atMost(fluteEndsMm)} before its flutes are full` }),
            },
          ],
        },
};

/** A drill's tip may circle this much before it walks and cuts over (rule of thumb). */
const RUN_OUT_MM = 0.1;
