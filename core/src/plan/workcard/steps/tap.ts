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

/** How many turns a tap makes from its first bite: depth over pitch, plus its lead. @example tapTurns(17.3, 1.25, 4) // 17.8 */
export function tapTurns(fullThreadMm: number, pitchMm: number, leadThreads: number): number {
  return fullThreadMm / pitchMm + leadThreads;
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
      hand: thread.hand,
      followsHelix: WAYS[method].followsHelix,
      blind: hole.kind === 'blind',
      turns: tapTurns(fullThreadMm, (cut.thread ?? thread).pitchMm, leadThreads),
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
    text: (Math.round(turns * QUARTERS) / QUARTERS).toString(),
  }),
  caution: () => 'Wear eye protection: taps are glass-hard and snap.',
};
