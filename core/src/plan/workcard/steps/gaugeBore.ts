import type { HoleCase } from '../../../judge/hole/index.ts';
import { handTools, sayTools, type HandTool } from '../handTools.ts';
import type { CutJob } from '../jobs.ts';
import { noCaution, type StepKind, type StepOf } from '../WorkStep.ts';

export type GaugeBoreFacts = { lowMm: number; highMm: number; deepMm: number; covers: boolean; tools: HandTool[] };

/** The bore is gauged before the tap: afterwards a coil, a bush or the thread itself hides it. */
export const gaugeBoreSteps = (
  { rules }: HoleCase,
  { prefix, limits, tap, shoulderMm }: CutJob,
  covers: boolean,
): StepOf<'gauge-bore', GaugeBoreFacts>[] =>
  limits === null || tap === null
    ? []
    : [
        {
          kind: 'gauge-bore',
          id: `${prefix}gauge-bore`,
          minutes: 3,
          facts: {
            ...limits,
            deepMm: Math.min(shoulderMm, tap.fullThreadMm),
            covers,
            tools: handTools(rules, 'bore-gauge'),
          },
        },
      ];

export const gaugeBore: StepKind<GaugeBoreFacts> = {
  title: () => 'Gauge the bore, before any tap',
  what: ({ lowMm, highMm, deepMm, covers }, say) =>
    `Near the mouth and near ${say.atMost(deepMm)}, two ways each: ${say.fineLength(lowMm)} to ${say.fineLength(highMm)}.${
      covers
        ? ' What goes in next hides it: this is the only chance.'
        : ' A screw that fits later says nothing of a bore that is too large.'
    }`,
  number: ({ highMm }) => ({ label: 'at most', valueMm: highMm, safe: 'limit' }),
  caution: noCaution,
  more: ({ lowMm, highMm, tools }, say) => ({
    tools: sayTools(tools),
    stop: `Over ${say.fineLength(highMm)}: no tap. Plan again from the bore as it is. Under ${say.fineLength(lowMm)}: the same drill again, or the next.`,
    write: ['bore, mouth', 'bore, deep'],
  }),
};
