import { noGoTurns } from '../../../facts/threads/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';
import { handTools, sayTools, type HandTool } from '../handTools.ts';
import type { CutJob } from '../jobs.ts';
import { noCaution, type StepKind, type StepOf } from '../WorkStep.ts';
import { quarters } from './words.ts';

export type GaugeThreadFacts = {
  gauges: string;
  coil: boolean;
  turns: number;
  toMm: number;
  noGoTurns: number;
  tools: HandTool[];
};

/** The thread in the parent is gauged before anything hides it. */
export const gaugeThreadSteps = (
  { rules }: HoleCase,
  { prefix, tap }: CutJob,
  coil: boolean,
): StepOf<'gauge-thread', GaugeThreadFacts>[] =>
  tap === null || tap.gaugeToMm <= 0
    ? []
    : [
        {
          kind: 'gauge-thread',
          id: `${prefix}gauge-thread`,
          minutes: 3,
          facts: {
            gauges: tap.gauges,
            coil,
            turns: tap.gaugeToMm / tap.thread.pitchMm / tap.thread.starts,
            toMm: tap.gaugeToMm,
            noGoTurns: noGoTurns(tap.thread),
            tools: handTools(rules, 'thread-gauge'),
          },
        },
      ];

export const gaugeThread: StepKind<GaugeThreadFacts> = {
  title: ({ coil }) => (coil ? 'Gauge the insert thread' : 'Gauge the thread'),
  what: ({ gauges, turns, toMm, noGoTurns: most }, say) =>
    `Go gauge of ${gauges} by hand: about ${quarters(turns)} turns, to ${say.atMost(toMm)}. No-go: at most ${most} turns.`,
  number: ({ toMm }) => ({ label: 'thread to', valueMm: toMm, safe: 'down' }),
  caution: noCaution,
  more: ({ coil, tools }) => ({
    tools: sayTools(tools),
    feel: coil
      ? 'Without a gauge: a coil of the kit wound in by fingers a turn or two, and out again.'
      : 'Without a gauge: a good screw by fingers, and its shake at two turns; it shows only that the thread is not too small.',
    stop: 'Go does not go: the tap once more, clean, by hand. No-go goes: the thread is too large, plan again.',
    write: ['go, turns', 'no-go, turns'],
  }),
};
