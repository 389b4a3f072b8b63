import { isBolted, type HoleCase } from '../../../judge/hole/index.ts';
import { HEAD_D, headGapMm, TAP_LEAN_LIMIT_DEG } from '../../cutting/index.ts';
import { threadToMm, type Route } from '../../routes/index.ts';
import { handTools, sayTools, type HandTool } from '../handTools.ts';
import type { StepKind, StepOf } from '../WorkStep.ts';

export type ProveFacts = {
  designation: string;
  /** How far down thread is counted on; 0: no thread in the part carries it. */
  reachMm: number;
  /** A head comes down on the face. */
  bolted: boolean;
  headMm: number;
  headGapMm: number;
  tools: HandTool[];
};

export function proveStep(hole: HoleCase, route: Route): StepOf<'prove', ProveFacts> {
  const headMm = HEAD_D * route.thread.majorMm;
  const reachMm = threadToMm(route);
  return {
    kind: 'prove',
    id: 'prove',
    minutes: 5,
    facts: {
      designation: route.thread.designation,
      reachMm,
      bolted: isBolted(hole),
      headMm,
      headGapMm: headGapMm(headMm, TAP_LEAN_LIMIT_DEG),
      tools: reachMm > 0 ? handTools(hole.rules, 'thread-gauge') : [],
    },
  };
}

export const prove: StepKind<ProveFacts> = {
  title: () => 'Prove it',
  what: ({ designation, reachMm }, say) =>
    reachMm > 0
      ? `Run the gauge of ${designation}, or a known good screw, to ${say.atMost(reachMm)}; measure the bore and the depth.`
      : `A good ${designation} screw goes in by hand over its whole length, and what it presses on lies flat.`,
  number: ({ reachMm }) => (reachMm > 0 ? { label: 'thread to', valueMm: reachMm, safe: 'down' } : null),
  caution: () => 'A screw that fits shows only that the thread is not too small.',
  more: ({ headMm, headGapMm: gapMm, tools, bolted, reachMm }, say) => ({
    tools: sayTools(tools),
    ...(bolted
      ? {
          numbers: [
            {
              label: 'Under the head',
              value: `at most ${say.atMost(gapMm)} on one side`,
              note: `a head of ${say.length(headMm)}, screwed in by hand`,
            },
          ],
        }
      : {}),
    write: reachMm > 0 ? ['gauge, turns', 'depth', 'under the head'] : ['by'],
  }),
};
