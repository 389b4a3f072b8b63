import { WAYS } from '../../../facts/ways/index.ts';
import type { HoleCase, HouseRules } from '../../../judge/hole/index.ts';
import { tapName } from '../../cutting/index.ts';
import type { Route } from '../../routes/index.ts';
import type { StepKind, StepOf } from '../WorkStep.ts';

export type TapFacts = {
  tapName: string;
  leadThreads: 8 | 4 | 2 | 1;
  names: HouseRules['tapNames'];
  hand: 'right' | 'left';
  followsHelix: boolean;
  blind: boolean;
  turns: number;
};

/** Turns are counted in quarters. */
const QUARTERS = 4;

/**
 * How many turns a tap makes from its first bite: depth over pitch, plus its lead, over the starts.
 * @example tapTurns(17.3, 1.25, 4) // 17.8
 * @example tapTurns(17.25, 1.25, 4, 21) // 15.8
 */
export function tapTurns(
  fullThreadMm: number,
  pitchMm: number,
  leadThreads: number,
  /** Depth to the shoulder of a blind hole: no tap is turned past it. */
  shoulderMm = Infinity,
  starts = 1,
): number {
  // One thread short of the shoulder a tap is felt to be near it.
  const most = Math.max(0, shoulderMm / pitchMm - 1);
  return Math.min(fullThreadMm / pitchMm + leadThreads, most) / starts;
}

export function tapSteps(hole: HoleCase, { method, cut, depths, thread }: Route): StepOf<'tap', TapFacts>[] {
  const fullThreadMm = Math.max(0, depths.fullThreadToMm - depths.fullThreadFromMm);
  return cut.tapLeads.map((leadThreads, index) => ({
    kind: 'tap',
    id: `tap-${index + 1}`,
    facts: {
      tapName: cut.tapName,
      leadThreads,
      names: hole.rules.tapNames,
      // A bush's outside is bought right-handed, whatever is screwed into it.
      hand: (cut.thread ?? thread).hand,
      followsHelix: WAYS[method].followsHelix,
      blind: hole.kind === 'blind',
      turns: tapTurns(
        fullThreadMm,
        (cut.thread ?? thread).pitchMm,
        leadThreads,
        hole.kind === 'blind' ? depths.drillShoulderMm : Infinity,
        (cut.thread ?? thread).starts,
      ),
    },
  }));
}

export const tap: StepKind<TapFacts> = {
  title: ({ tapName: name, leadThreads, names }) => `${name}, ${tapName(leadThreads, names)}`,
  what: ({ hand, followsHelix, blind }) => {
    const turn = hand === 'left' ? 'anticlockwise' : 'clockwise';
    return followsHelix
      ? `By hand, ${turn}. Find the old helix first; never start a new one.`
      : `Turn ${turn}. Check square in two views on the third turn. ${blind ? 'Clear the chips often; feel for the bottom on the last two turns.' : 'Half a turn on, a quarter back.'}`;
  },
  number: ({ turns }) => ({
    label: 'turns from the first bite',
    text: (Math.floor(turns * QUARTERS + 1e-6) / QUARTERS).toString(),
  }),
  caution: () => 'Wear eye protection: taps are glass-hard and snap.',
};
